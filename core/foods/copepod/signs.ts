import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'dots that dart all over the sieve', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'you can count them', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'still dots, or rotifers instead', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few darting', 'many darting', 'swarming'],
  cloudiness: ['clear', 'faintly green', 'green', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  gathering: ['even', 'in patches', 'at walls and bottom', 'at the surface'],
  smell: ['none', 'of the sea', 'sour', 'rotten'],
  tint: ['pale', 'straw', 'brown', 'grey'],
}
