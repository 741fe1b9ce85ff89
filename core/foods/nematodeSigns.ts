import type { HarvestSign, SignWords } from './contract'

/** Signs of nematodes on mash. How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a white, twisting smear of worms', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'a few threads', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'no threads, only mash', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  climbing: ['none', 'first on the rim', 'a band on the wall', 'a thick web'],
  sediment: ['fresh', 'slackening', 'runny', 'liquid'],
  smell: ['none', 'yeasty', 'sour', 'rotten'],
  tint: ['pale', 'straw', 'brown', 'black'],
  film: ['none', 'thin', 'skin', 'mould'],
}
