import type { HarvestSign, SignWords } from './contract'

/** Signs of water fleas. How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a dense, hopping cloud', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'you can count them', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'few, pale, at the surface', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  cloudiness: ['clear', 'hazy', 'milky', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  gathering: ['even', 'in patches', 'at walls and edges', 'at the surface'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  tint: ['pale', 'straw', 'pink', 'red'],
}
