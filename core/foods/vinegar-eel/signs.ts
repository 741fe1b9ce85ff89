import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a silvery shimmer in the neck', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'you must look for them', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'clear and still', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few threads', 'a shimmer', 'a silver cloud'],
  cloudiness: ['clear', 'hazy', 'milky', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  smell: ['vinegar', 'vinegar', 'flat', 'rotten'],
  tint: ['amber', 'brown', 'dark', 'black'],
  film: ['none', 'thin', 'mother of vinegar', 'mould'],
}
