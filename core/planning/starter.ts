import type { Food, FoodMethod } from '../foods/contract'
import { startCulture } from '../foods/culture'

/** What a usual starter puts into a vessel, organisms. */
export function usualStart(food: Food, method: FoodMethod, volumeL: number): number {
  const { family, state, params } = startCulture(food, method, { volumeL }, null)
  return family.stock(state, params).organisms
}

/** Bounds of what a record keeps. */
const LEAST = 0.001
const MOST = 10_000

/**
 * A starter against the usual one of a method, from the organisms in it.
 * Where the model counts nothing at the start (eggs, leaves) every starter is usual.
 */
export function starterRatio(
  food: Food,
  method: FoodMethod,
  volumeL: number,
  organisms: number,
): number {
  const usual = usualStart(food, method, volumeL)
  return usual > 0 && organisms > 0 ? Math.min(MOST, Math.max(LEAST, organisms / usual)) : 1
}

/** A cup of an own vessel where the school needs no starter: share of the new one (working estimate). */
const CUP_SHARE = 0.05

/** Starter that is usual for a vessel, mL: what the school says, or a cup where it says none. */
export const usualStarterMl = ({ starterShare }: FoodMethod, volumeL: number): number =>
  (starterShare > 0 ? starterShare : CUP_SHARE) * volumeL * 1000

/**
 * Whether a school that needs no starter takes up sooner with a cup of an own vessel: what grows is there
 * from the start.
 */
export const gainsByCup = (food: Food, method: FoodMethod, volumeL: number): boolean =>
  method.starterShare <= 0 && usualStart(food, method, volumeL) > 0

/** Share of a mother vessel that goes as starter into others: more than 1 is more than there is. */
export const starterFrom = (starterMl: number, vessels: number, motherL: number) =>
  (starterMl * vessels) / (motherL * 1000)
