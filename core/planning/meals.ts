import { brineShrimp } from '../foods/brine-shrimp'
import type { LadderDay } from '../fry/ladder'
import { mealWhy } from '../fry/mealWhy'
import type { Reason } from '../reasons/reason'
import { ofKind } from '../records/effectiveEntries'
import type { Tank } from '../records/records'
import { broodLadder } from '../stock/broodLadder'
import type { BroodState } from '../stock/broodState'
import type { RoomState } from '../stock/roomState'
import { daysBetween, type Instant, type LocalDate } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'

/** Spilled, left in the cup, stuck to the sieve. */
export const SPILL = 0.1

/** A meal that lacks less than this share is whole. */
const WHOLE_ENOUGH = 0.05

/** What one brood gets at a meal of nauplii. */
export interface BroodMeal {
  brood: BroodState
  day: LadderDay
  nauplii: number
}

/** Why a brood gets so many nauplii at a meal. */
export const broodMealWhy = (meal: BroodMeal, date: LocalDate): Reason =>
  mealWhy(meal.day, brineShrimp.profile, meal.brood.species!, {
    temperatureC: meal.brood.temperature(date),
    tankL: meal.brood.tank!.litres,
  })

/** What one tank gets at one round. Several broods in a tank are fed together. */
export interface Meal {
  round: RoundOccurrence
  tank: Tank
  broods: BroodMeal[]
  /** Full-yolk nauplii still to put in. */
  nauplii: number
  at: Instant
}

/** Looks up a brood's ladder day by local date. */
export type DayOf = (brood: BroodState, date: LocalDate) => LadderDay | null

/** Ladder days of every feeding brood for the local dates of some rounds, worked out once. */
export function ladderDays(state: RoomState, dates: readonly LocalDate[]): DayOf {
  const first = dates.reduce((a, b) => (b < a ? b : a))
  const last = dates.reduce((a, b) => (b > a ? b : a))
  const found = new Map<string, LadderDay>()
  for (const brood of state.broods) {
    const from = Math.max(0, daysBetween(brood.freeOn, first))
    const to = daysBetween(brood.freeOn, last)
    if (to < 0) continue
    for (const day of broodLadder(brood, state.room, from, to - from + 1))
      found.set(`${brood.id} ${day.day}`, day)
  }
  return (brood, date) => found.get(`${brood.id} ${daysBetween(brood.freeOn, date)}`) ?? null
}

/** Nauplii that a brood gets at one meal of a date. */
export type NaupliiOf = (brood: BroodState, day: LadderDay, date: LocalDate) => number
const byLadder: NaupliiOf = (_brood, day) => day.perMeal[brineShrimp.profile.id] ?? 0

/**
 * Meals of nauplii at the given rounds that have not been given yet, in order of time.
 * @param naupliiOf by the ladders where nothing else is said
 */
export function mealsAt(
  state: RoomState,
  rounds: readonly RoundOccurrence[],
  naupliiOf: NaupliiOf = byLadder,
): Meal[] {
  const given = new Set<string>()
  const part = new Map<string, number>()
  for (const { data } of ofKind(state.entries, 'tank.fed')) {
    const key = `${data.tankId} ${data.roundKey}`
    if (data.partial) part.set(key, (part.get(key) ?? 0) + data.nauplii * data.energy)
    else given.add(key)
  }
  const meals: Meal[] = []
  if (rounds.length === 0) return meals
  const dayOf = ladderDays(
    state,
    rounds.map(r => r.date),
  )
  for (const round of rounds) {
    for (const tank of state.tanks) {
      if (given.has(`${tank.id} ${round.key}`)) continue
      const broods: BroodMeal[] = []
      for (const brood of state.broods) {
        const day = brood.tank?.id === tank.id ? dayOf(brood, round.date) : null
        const nauplii = day ? naupliiOf(brood, day, round.date) : 0
        if (day && nauplii > 0) broods.push({ brood, day, nauplii })
      }
      const whole = broods.reduce((n, b) => n + b.nauplii, 0)
      const nauplii = whole - (part.get(`${tank.id} ${round.key}`) ?? 0)
      if (nauplii > WHOLE_ENOUGH * whole) meals.push({ round, tank, broods, at: round.at, nauplii })
    }
  }
  return meals
}
