import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'pea green, you see your hand in it', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'pale, you see through it', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'yellow, or clear with a sediment', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  tint: ['none', 'pale green', 'green', 'deep green', 'olive', 'yellow'],
  cloudiness: ['clear', 'you see through it', 'you see your hand', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  film: ['none', 'thin', 'scum', 'mats'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
}
