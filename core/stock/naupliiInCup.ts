import { hatchFood } from '../foods/hatchFood'
import type { HarvestGrade } from '../records/vocabulary'

/** Drops that were counted out of a cup. */
export interface DropCount {
  animals: number
  samples: number
  sampleMl: number
}

/** Nauplii in a cup of so many mL, from drops that were counted. */
export const countedInCup = (c: DropCount, cupMl: number): number =>
  (c.animals / (c.samples * c.sampleMl)) * cupMl

/** Nauplii in a cup by how it looks, against what was expected. */
export const seenInCup = (seen: HarvestGrade, expected: number): number =>
  expected * (hatchFood.harvestSigns.find(s => s.id === seen)?.yieldShare ?? 1)

const GOOD_FROM = 0.7
const FAILED_BELOW = 0.2

/** How a count would have looked. */
export function gradeOf(nauplii: number, expected: number): HarvestGrade {
  const share = expected > 0 ? nauplii / expected : 0
  if (share > GOOD_FROM) return 'good'
  return share > FAILED_BELOW ? 'thin' : 'failed'
}
