import type { HarvestSign, SignWords } from '../contract'

/** How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'many, of the size that fits', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'few', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'none, or pupae', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  size: ['none', 'specks, first instar', '3 mm, second instar', '5 mm, third instar'],
  pupae: ['none', 'the first commas', 'many', 'adults'],
  gathering: ['none', 'at the edge', 'at the surface', 'everywhere'],
  film: ['none', 'egg rafts', 'scum', 'thick'],
}
