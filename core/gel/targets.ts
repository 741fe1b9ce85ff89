import type { Guild } from '../fry/species/species'
import type { Nutrient } from './composition'

/** Least and most of a nutrient, percent of dry matter. */
export type Range = readonly [least: number, most: number]
export interface Targets extends Readonly<Partial<Record<Nutrient, Range>>> {
  /** At least so much, percent of dry matter; counted over the ingredients that were measured. */
  calcium?: number
  phosphorus?: number
}

export interface LifeStageTargets {
  id: 'larva' | 'fry' | 'juvenile' | 'grower'
  name: string
  /** It begins at this length, mm. */ fromMm: number
  protein: Record<Guild, Range>
  fat: Record<Guild, Range>
}

/** What fish of a size and guild want (NRC 2011 for the protein of juveniles; larvae and fat: working estimates). */
export const STAGES: readonly LifeStageTargets[] = [
  {
    id: 'larva',
    name: 'larva to 8 mm',
    fromMm: 0,
    protein: { carnivore: [52, 58], omnivore: [48, 55], grazer: [42, 50] },
    fat: { carnivore: [12, 18], omnivore: [10, 15], grazer: [8, 12] },
  },
  {
    id: 'fry',
    name: 'fry of 8 to 15 mm',
    fromMm: 8,
    protein: { carnivore: [48, 55], omnivore: [42, 50], grazer: [36, 44] },
    fat: { carnivore: [10, 16], omnivore: [8, 12], grazer: [6, 10] },
  },
  {
    id: 'juvenile',
    name: 'juvenile of 15 to 30 mm',
    fromMm: 15,
    protein: { carnivore: [44, 50], omnivore: [36, 44], grazer: [32, 38] },
    fat: { carnivore: [10, 15], omnivore: [7, 10], grazer: [5, 8] },
  },
  {
    id: 'grower',
    name: 'grower over 30 mm',
    fromMm: 30,
    protein: { carnivore: [40, 46], omnivore: [32, 38], grazer: [28, 34] },
    fat: { carnivore: [8, 12], omnivore: [6, 9], grazer: [4, 7] },
  },
]
const FIBRE_MOST: Record<Guild, number> = { carnivore: 3, omnivore: 4, grazer: 8 }
const ASH_MOST = 14

export const stageAt = (lengthMm: number): LifeStageTargets =>
  STAGES.findLast(s => lengthMm >= s.fromMm) ?? STAGES[0]!

/** Start values for a brood; the user has the last word. */
export function targetsFor(lengthMm: number, guild: Guild): Targets {
  const stage = stageAt(lengthMm)
  return {
    protein: stage.protein[guild],
    fat: stage.fat[guild],
    fibre: [0, FIBRE_MOST[guild]],
    ash: [0, ASH_MOST],
  }
}
