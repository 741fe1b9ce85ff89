import type { FeedProfile } from '../feeds/contract'
import type { Reason } from '../reasons/reason'
import { usedLitres, type LadderDay } from './ladder'
import { mealWhy } from './mealWhy'
import type { Species } from './species/species'
import { mealShareOf, suitability, type Suitability } from './suitability'

/** A brood at its table on a day. */
export interface Diner {
  day: LadderDay
  species: Species
  tankL: number
  temperatureC: number
}

/** How well a food suits a brood on a day, whether or not its ladder knows it. */
export function suitsOn({ day, species }: Diner, food: FeedProfile): Suitability {
  const known = day.suitability[food.id]
  if (known) return known
  const { lengthMm, gapeUm, meals } = day
  const mouth = { lengthMm, gapeUm, zones: species.zones, marine: species.marine }
  return suitability(food, mouth, 24 / meals)
}

/** A day as if it were all of one food: what its meal is made of, and why. */
function dayOfOne(diner: Diner, food: FeedProfile, suits: Suitability): LadderDay {
  const { day, species, tankL } = diner
  const { dryUg } = suits.size
  const alive = species.marine ? food.aliveInSeaH : food.aliveInTankH
  const meals = food.lasting ? 1 : day.meals
  const mealShare = mealShareOf(alive, meals)
  const organisms = (day.fry * day.dryRationMg * 1000) / food.captureShare / dryUg
  const floor = food.floorPerMl * usedLitres(tankL, day.fry) * 1000
  return {
    ...day,
    meals,
    suitability: { [food.id]: suits },
    share: { [food.id]: 1 },
    organisms: { [food.id]: organisms },
    floor: { [food.id]: floor },
    perMeal: { [food.id]: Math.max(organisms * mealShare, floor) },
  }
}

/** Animals or grains of a food that make the whole of one meal for a brood, with full yolk. */
export function wholeMeal(diner: Diner, food: FeedProfile, suits = suitsOn(diner, food)): number {
  return dayOfOne(diner, food, suits).perMeal[food.id]!
}

/** Why a whole meal of a food is so many. */
export function wholeMealWhy(diner: Diner, food: FeedProfile): Reason {
  const { species, temperatureC, tankL } = diner
  const day = dayOfOne(diner, food, suitsOn(diner, food))
  return mealWhy(day, food, species, { temperatureC, tankL })
}
