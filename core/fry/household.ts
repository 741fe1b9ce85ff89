import type { FeedProfile } from '../feeds/contract'
import type { LadderDay } from './ladder'

/** Grains or animals in one household unit of a food. What is cut to the mouth comes in more and smaller ones: the unit weighs the same. */
export function perUnit(food: FeedProfile, size: { dryUg: number } | undefined): number {
  const usual = food.portion?.perUnit ?? 1
  return food.cutToGapeUm && size ? (usual * food.dryUg) / size.dryUg : usual
}

/** A day as it is asked for of a food: what lasts is given once, for the whole day; all else meal by meal. */
export const askedOf = (day: LadderDay, food: FeedProfile): LadderDay =>
  food.lasting
    ? { ...day, meals: 1, perMeal: { ...day.perMeal, [food.id]: day.organisms[food.id]! } }
    : day
