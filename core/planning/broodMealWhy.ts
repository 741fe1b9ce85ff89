import { hatchProfile } from '../foods/hatchProfile'
import { wholeMealWhy } from '../fry/wholeMeal'
import type { Reason } from '../reasons/reason'
import type { BroodMeal } from './meals'

/** Why a brood's whole meal is so many nauplii. */
export const broodMealWhy = (meal: BroodMeal): Reason => wholeMealWhy(meal.eating, hatchProfile)
