import type { HarvestSign, SignWords } from './contract'

/** Signs of grindal and white worms. How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a tangle under the glass', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'single worms', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'none under the glass', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  climbing: ['none', 'some at the glass', 'a tangle at the glass', 'all over'],
  sediment: ['fresh', 'settled', 'sour patches', 'waterlogged'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  tint: ['brown', 'dark brown', 'black-brown', 'black'],
  film: ['none', 'thin', 'mites', 'mould'],
}
