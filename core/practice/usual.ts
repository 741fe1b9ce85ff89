import { inUse, takeDay, usualTake } from '../foods/courses'
import { runCulture, startCulture, withoutUpkeep } from '../foods/culture'
import type { Food, FoodMethod } from '../foods/contract'
import { foodOf } from '../foods/index'
import type { VesselPlan } from './scenario'

/** What such a vessel does on the average, when it is kept by its card. */
export interface Usual {
  food: Food
  method: FoodMethod
  litres: number
  /** Day on which it is ready. */
  readyDay: number
  /** Share that is drawn of it a day, and the organisms that gives. */
  share: number
  gives: number
}

const LONGEST_D = 90
const JUDGED_D = 21
const known = new Map<string, Usual>()

/** The food and the school of a plan; scenarios name only those that there are. */
export function schoolOf(p: Pick<VesselPlan, 'foodId' | 'methodId'>): {
  food: Food
  method: FoodMethod
} {
  const food = foodOf(p.foodId)
  const method = food?.methods.find(m => m.id === p.methodId)
  if (!food || !method) throw new Error(`no such school: ${p.foodId} ${p.methodId}`)
  return { food, method }
}

/** What the median vessel gives; it does not depend on chance and is remembered. */
export function usualOf(p: Omit<VesselPlan, 'stands'>): Usual {
  const { food, method } = schoolOf(p)
  const litres = p.litres ?? method.vessel.volumeL
  const key = `${p.foodId} ${p.methodId} ${litres} ${p.temperatureC}`
  const found = known.get(key)
  if (found) return found
  const setup = { volumeL: litres }
  const share = usualTake({ food, method, setup, temperatureC: p.temperatureC })
  const c = withoutUpkeep(startCulture(food, method, setup, null), ['takeOut'])
  let readyDay = 0
  for (; readyDay < LONGEST_D && !inUse(c); readyDay++)
    runCulture(c, 24, () => p.temperatureC, null)
  let sum = 0
  for (let d = 0; d < JUDGED_D; d++) {
    sum += takeDay(c, share)
    runCulture(c, 24, () => p.temperatureC, null)
  }
  const usual = { food, method, litres, readyDay, share, gives: Math.max(1, sum / JUDGED_D) }
  known.set(key, usual)
  return usual
}
