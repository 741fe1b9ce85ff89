import { cups, oneOf, type Thing } from '../../thing'
import type { HarvestStop } from './find'

/** Sieve and light for nauplii; cup for what is kept. */
export const harvestFetch = ({ freeze }: HarvestStop): Thing[] => [
  oneOf('nauplius-sieve', 'sieve of 100 to 150 µm and a torch'),
  ...cups(1),
  ...(freeze ? [oneOf('cubes', 'cube tray')] : []),
]
