import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a clean ball that untangles', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'few', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'none move', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  climbing: ['none', 'a few tails', 'a lawn', 'a mat'],
  sediment: ['clean', 'some', 'much', 'thick'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  tint: ['clear', 'straw', 'brown', 'black'],
  film: ['none', 'thin', 'scum', 'mould'],
}
