import type { FoodMethod, HatchPulls } from '../foods/contract'
import { hatchFood } from '../foods/hatchFood'
import { draws, evenShares, wholePulls, type Drawn } from '../dynamics/hatch/draws'
import type { HatchCurve } from '../dynamics/hatch/hatchCurve'
import type { HatchSchool } from '../records/vocabulary'
import type { RoomState } from '../stock/roomState'
import { provenSoda } from '../stock/provenSoda'
import type { GramsPerLitre } from '../units/quantity'

/** Load beyond which even a household bottle is not filled, g/L (Lavens & Sorgeloos 1996). */
export const MOST_CYSTS_GL = 5

/** How a hatch is run: what a school sets of it, and the water of the room. */
export interface HatchWay {
  school: HatchSchool | null
  pulls: HatchPulls
  saltGL: GramsPerLitre
  pH: number
  /** Null: as the vessel is. */
  lit: boolean | null
  decapsulated: boolean
  mostCystsGL: number
  /** Soda that brought this room's water to where it should be, g/L; null while nothing was tested. */
  provenSodaGL: number | null
}

const methodOf = (school: HatchSchool | null): FoodMethod | null =>
  hatchFood.methods.find(m => m.id === school) ?? null

/** How hatches of a room are run, or one that is run by another school. */
export function hatchWay(
  state: Pick<RoomState, 'room' | 'hatchPH' | 'entries' | 'hatches'>,
  school: HatchSchool | null = state.room.hatchSchool,
): HatchWay {
  const method = methodOf(school)
  const sets = method?.sets ?? {}
  return {
    school,
    pulls: method?.pulls ?? 'one-or-two',
    saltGL: (sets.saltGL ?? state.room.hatchSaltGL) as GramsPerLitre,
    pH: state.hatchPH,
    lit: sets.lit === undefined ? null : sets.lit > 0,
    decapsulated: (sets.decapsulated ?? 0) > 0,
    mostCystsGL: Math.min(MOST_CYSTS_GL, sets.cystsGL ?? MOST_CYSTS_GL),
    provenSodaGL: provenSoda(state.entries, state.hatches),
  }
}

/** What pulls of a way bring, hours after the start. */
export const broughtBy = (
  way: Pick<HatchWay, 'pulls'>,
  curve: HatchCurve,
  hours: readonly number[],
): Drawn[] => draws(curve, way.pulls === 'each' ? evenShares(hours) : wholePulls(hours))

/** The school that a hatch is run by: the room's own, else what its light and its pulls make of it. */
export function schoolOfHatch(
  way: Pick<HatchWay, 'school'>,
  { lit, pulls }: { lit: boolean; pulls: number },
): HatchSchool {
  if (way.school) return way.school
  if (!lit) return 'dark'
  return pulls > 1 ? 'two-pulls' : 'one-pull'
}
