import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a moving dust in every drop', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'few in a drop', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'none move', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  cloudiness: ['clear', 'faintly green', 'green', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  gathering: ['even', 'in patches', 'at walls', 'at the surface'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  tint: ['pale', 'straw', 'brown', 'grey'],
}
