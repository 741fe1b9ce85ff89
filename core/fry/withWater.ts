import type { FeedProfile } from '../feeds/contract'

/** Most water of a culture that goes into a tank at one meal, as a share of the tank: more changes its water under the fry (working estimate). */
export const MOST_CULTURE_SHARE = 0.1

/** Most mL of a culture that is given with its water at one meal; no bound for what is sieved out. */
export const mostCultureMl = (food: Pick<FeedProfile, 'withWater'>, tankL: number): number =>
  food.withWater ? MOST_CULTURE_SHARE * tankL * 1000 : Infinity

/**
 * Share of a day that a food can be, where it comes with its water: as dense as it usually is, at each meal.
 * @param dryMgADay what the whole brood eats a day, mg dry
 */
export function shareByWater(
  food: FeedProfile,
  tankL: number,
  meals: number,
  dryMgADay: number,
): number {
  if (!food.withWater || !food.portion || dryMgADay <= 0) return 1
  const organisms = mostCultureMl(food, tankL) * food.portion.perUnit * meals
  return Math.min(1, (organisms * food.captureShare * food.dryUg) / 1000 / dryMgADay)
}
