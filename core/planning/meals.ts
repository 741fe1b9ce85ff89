import { NAUPLII } from '../foods/hatchProfile'
import { wholeMeal } from '../fry/wholeMeal'
import type { Tank } from '../records/records'
import type { RoomState } from '../stock/roomState'
import type { Instant } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import { ladderDays } from './ladderDays'
import { eatingAt, fedAt, type Eating, type Want } from './reckoning/want'

/** Spilled, left in the cup, stuck to the sieve. */
export const SPILL = 0.1

/** A meal of less is none, nauplii. */
const LEAST = 0.5

/** What one brood gets at a meal of nauplii. */
export interface BroodMeal {
  eating: Eating
  nauplii: number
}

/** What one tank gets at one round. Several broods in a tank are fed together. */
export interface Meal {
  round: RoundOccurrence
  tank: Tank
  broods: BroodMeal[]
  /** Full-yolk nauplii still to put in. */
  nauplii: number
  at: Instant
}

/** A share of a tank's meal as nauplii, divided over those whom they fit. */
export function naupliiMeal(want: Want, share: number): Meal | null {
  const food = want.foods.get(NAUPLII)
  const nauplii = food ? food.whole * share : 0
  if (!food || nauplii < LEAST) return null
  const whole = food.eating.map(e => wholeMeal(e, food.food))
  const all = whole.reduce((a, b) => a + b, 0)
  return {
    round: want.round,
    tank: want.tank,
    broods: food.eating.map((eating, i) => ({ eating, nauplii: (nauplii * whole[i]!) / all })),
    nauplii,
    at: want.round.at,
  }
}

/** Nauplii that a brood gets at one meal of a date. */
export type NaupliiOf = (eating: Eating, round: RoundOccurrence) => number

/** Meals of nauplii at the given rounds as a plan has them, in order of time; what was given already is left out. */
export function mealsAt(
  state: RoomState,
  rounds: readonly RoundOccurrence[],
  naupliiOf: NaupliiOf,
): Meal[] {
  if (rounds.length === 0) return []
  const dates = rounds.map(r => r.date)
  const dayOf = ladderDays(state, dates)
  return rounds.flatMap(round =>
    state.tanks.flatMap((tank): Meal[] => {
      if (fedAt(state, tank.id, round.key).some(e => !e.data.partial)) return []
      const broods = eatingAt(state, tank, round, dayOf).flatMap((eating): BroodMeal[] => {
        const nauplii = naupliiOf(eating, round)
        return nauplii > 0 ? [{ eating, nauplii }] : []
      })
      const nauplii = broods.reduce((n, b) => n + b.nauplii, 0)
      return nauplii < LEAST ? [] : [{ round, tank, broods, nauplii, at: round.at }]
    }),
  )
}
