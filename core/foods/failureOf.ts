import type { Food, FoodMethod } from './contract'

const MOST = 0.9

/** Chance that a new culture of a school fails before it is ready (working estimates). */
export function failureOf(food: Food, method: FoodMethod): number {
  const own = method.failure ?? method.sets.failure
  return own ?? Math.min(MOST, food.reliability.failure * (method.factors.failure ?? 1))
}
