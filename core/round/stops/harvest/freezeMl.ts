import { CUP_ML } from '../../../planning/reckoning/cupMl'
import type { Freezing } from '../../../planning/reckoning/cubes'
import type { HarvestStop } from './find'

/** Of a cup that holds the whole pull, what is frozen, mL to the nearest five. */
export const freezeMl = (freeze: Freezing, pull: HarvestStop['pull']): number =>
  Math.max(5, Math.round((CUP_ML * freeze.nauplii) / Math.max(1, pull.nauplii) / 5) * 5)
