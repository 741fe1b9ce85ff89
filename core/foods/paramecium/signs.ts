import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  {
    id: 'good',
    name: 'Good',
    looks: 'white dust that drifts and gathers at a torch',
    yieldShare: 1,
  },
  { id: 'thin', name: 'Thin', looks: 'you must look for it', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'nothing drifts', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  cloudiness: ['clear', 'hazy', 'milky', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  tint: ['none', 'straw', 'brown', 'black'],
  film: ['none', 'thin', 'scum', 'mould'],
}
