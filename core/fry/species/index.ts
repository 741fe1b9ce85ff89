import { carpsAndTetras } from './carpsAndTetras'
import { catfishAndCichlids } from './catfishAndCichlids'
import { generic } from './generic'
import { labyrinthAndPerch } from './labyrinthAndPerch'
import { livebearersAndKillifish } from './livebearersAndKillifish'
import { marine } from './marine'
import type { Species } from './species'

/** The catalogue, generic classes first. */
export const SPECIES: readonly Species[] = [
  ...generic,
  ...carpsAndTetras,
  ...catfishAndCichlids,
  ...livebearersAndKillifish,
  ...labyrinthAndPerch,
  ...marine,
]
