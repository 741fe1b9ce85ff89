import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'clear, with drifting specks and swirls', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'few specks', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'milky, or clear and empty', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  cloudiness: ['clear', 'hazy', 'milky', 'opaque'],
  movers: ['none', 'a few specks', 'many', 'swarming'],
  sediment: ['whole', 'softened', 'broken down', 'sludge'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  film: ['none', 'thin', 'scum', 'mould'],
  tint: ['none', 'straw', 'brown', 'grey'],
}
