import { brineShrimp } from '../foods/brine-shrimp'
import { mealDemand, type MealDemand } from '../fry/mealDemand'
import { FIT_ENOUGH } from '../fry/sizeFit'
import { speciesOf } from '../fry/species'
import { ofKind } from '../records/effectiveEntries'
import type { Brood, Tank } from '../records/records'
import type { RoomState } from '../stock/roomState'
import { daysBetween, type Instant, type LocalDate } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'

/** Spilled, left in the cup, stuck to the sieve. */
export const SPILL = 0.1

/** A meal that lacks less than this share is whole. */
const WHOLE_ENOUGH = 0.05

export interface BroodMeal { brood: Brood, demand: MealDemand }

/** What one tank gets at one round. Several broods in a tank are fed together. */
export interface Meal {
  round: RoundOccurrence
  tank: Tank
  broods: BroodMeal[]
  /** Full-yolk nauplii still to put in. */
  nauplii: number
  at: Instant
}

/** Demand of a brood on a local date, whether or not it is feeding yet. Null for a fish or tank that is not known. */
export function broodDemand(state: RoomState, brood: Brood, date: LocalDate): MealDemand | null {
  const species = speciesOf(brood)
  const tank = state.tanks.find(t => t.id === brood.tankId)
  if (!species || !tank) return null
  return mealDemand({
    species, fry: brood.fry, temperatureC: tank.temperatureC, tankL: tank.litres,
    day: daysBetween(brood.freeSwimmingOn, date), countedDay: daysBetween(brood.freeSwimmingOn, brood.countedOn),
    mealsPerDay: state.room.rounds.length,
  }, brineShrimp.profile)
}

/** Meals of nauplii at the given rounds that have not been given yet, in order of time. */
export function mealsAt(state: RoomState, rounds: readonly RoundOccurrence[]): Meal[] {
  const given = new Set<string>()
  const part = new Map<string, number>()
  for (const { data } of ofKind(state.entries, 'tank.fed')) {
    const key = `${data.tankId} ${data.roundKey}`
    if (data.partial) part.set(key, (part.get(key) ?? 0) + data.nauplii * data.energy)
    else given.add(key)
  }
  const meals: Meal[] = []
  const demands = new Map<string, MealDemand | null>()
  for (const round of rounds) {
    for (const tank of state.tanks) {
      if (given.has(`${tank.id} ${round.key}`)) continue
      const broods: BroodMeal[] = []
      for (const brood of state.broods) {
        if (brood.tankId !== tank.id || daysBetween(brood.freeSwimmingOn, round.date) < 0) continue
        const key = `${brood.id} ${round.date}`
        if (!demands.has(key)) demands.set(key, broodDemand(state, brood, round.date))
        const demand = demands.get(key)
        if (demand && demand.fit >= FIT_ENOUGH) broods.push({ brood, demand })
      }
      const whole = broods.reduce((n, b) => n + b.demand.perMeal, 0)
      const nauplii = whole - (part.get(`${tank.id} ${round.key}`) ?? 0)
      if (nauplii > WHOLE_ENOUGH * whole) meals.push({ round, tank, broods, at: round.at, nauplii })
    }
  }
  return meals
}
