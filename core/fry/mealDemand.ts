import type { FoodProfile } from '../foods/contract'
import type { Reason } from '../reasons/reason'
import { lengthMm } from './growth'
import { dryMg } from './mass'
import { mealsWanted, rationEaten } from './ration'
import { FIT_ENOUGH, sizeFit } from './sizeFit'
import type { Species } from './species'
import { fryAlive } from './survival'

/** Hours a day in which fry see their food: working estimate for an ordinary tank lamp. */
export const LIT_HOURS = 12

/** Floor over ration beyond which a smaller rearing box is advised. */
const BOX_FACTOR = 3

export interface BroodOnDay {
  species: Species
  /** Days since free swimming; negative before. */
  day: number
  /** Fry counted or estimated on `countedDay`. */
  fry: number
  countedDay: number
  temperatureC: number
  tankL: number
  mealsPerDay: number
}

export interface MealDemand {
  lengthMm: number
  gapeUm: number
  /** 0 to 1; below 0.3 the food is not offered. */
  fit: number
  fryAlive: number
  /** Animals to put in at one meal, and over the day. */
  perMeal: number
  perDay: number
  rationPerDay: number
  floorPerMeal: number
  /** The prey density, not the appetite, decides: a smaller box would save food. */
  smallerBox: boolean
  /** Share of the ration the rounds of this room can bring, below 1 when food dies between them. */
  covered: number
  mealsWanted: number
  why: Reason
}

/**
 * Animals of one food that a brood needs per meal, if it lived on this food alone.
 * The larger of the ration and the density that fry must find; a meal is never more than they can eat while it lives.
 */
export function mealDemand(brood: BroodOnDay, food: FoodProfile): MealDemand {
  const { species, temperatureC } = brood
  const length = lengthMm(species, brood.day, temperatureC)
  const gapeUm = species.gapePerLength * length * 1000
  const alive = fryAlive(brood.fry, brood.countedDay, brood.day)
  const bodyMg = dryMg(length, species.firstFeedingMm, species.shape)
  const eaten = rationEaten(length, temperatureC)
  const perFry = (bodyMg * eaten * 1000) / food.captureShare / food.dryUg
  const rationPerDay = alive * perFry
  const mostPerMeal = species.marine ? 1 : food.aliveInTankH / LIT_HOURS
  const mealShare = Math.min(1 / brood.mealsPerDay, mostPerMeal)
  const usedL = Math.min(brood.tankL, Math.max(0.5, 0.02 * alive))
  const floorPerMeal = food.floorPerMl * usedL * 1000
  const perMeal = Math.max(rationPerDay * mealShare, floorPerMeal)
  const byRation = rationPerDay * mealShare >= floorPerMeal
  return {
    lengthMm: length, gapeUm, fit: sizeFit(food.criticalWidthUm, gapeUm), fryAlive: alive,
    perMeal, perDay: perMeal * brood.mealsPerDay, rationPerDay, floorPerMeal,
    smallerBox: floorPerMeal > BOX_FACTOR * rationPerDay * mealShare,
    covered: Math.min(1, mealShare * brood.mealsPerDay),
    mealsWanted: mealsWanted(length),
    why: byRation
      ? {
          result: { label: `${food.name} for one meal`, value: perMeal, unit: 'nauplii' },
          rule: 'Each fry eats a share of its dry body a day; more is offered than is caught; the day is divided over its meals.',
          formula: 'fry * body * ration * 1000 / capture / dry * mealShare',
          inputs: [
            { key: 'fry', label: 'fry alive today', value: alive, unit: 'fry', from: 'your count, less usual losses' },
            { key: 'body', label: `dry body at ${length.toFixed(1)} mm`, value: bodyMg, unit: 'mg', from: `${species.name}, ${species.source}` },
            { key: 'ration', label: `eaten per dry body and day at ${temperatureC} °C`, value: eaten, unit: '/d', from: 'ration curve' },
            { key: 'capture', label: 'share that is caught', value: food.captureShare, unit: '', from: 'working estimate' },
            { key: 'dry', label: 'dry mass of one nauplius', value: food.dryUg, unit: 'µg', from: 'medium strain' },
            { key: 'mealShare', label: 'share of the day in one meal', value: mealShare, unit: '', from: `${brood.mealsPerDay} meals a day at your rounds` },
          ],
          source: 'Houde 1989; Bryant & Matty 1980; Vanhaecke & Sorgeloos 1980',
        }
      : {
          result: { label: `${food.name} for one meal`, value: perMeal, unit: 'nauplii' },
          rule: 'Fry must meet their food: the water they use holds at least so many prey per mL. This is more than their appetite.',
          formula: 'floor * water * 1000',
          inputs: [
            { key: 'floor', label: 'prey per mL that fry find', value: food.floorPerMl, unit: '/mL', from: 'prey-density floor' },
            { key: 'water', label: 'water the fry use', value: usedL, unit: 'L', from: 'the tank, or 20 mL a fry' },
            { key: 'ration', label: 'their appetite for this meal', value: rationPerDay * mealShare, unit: 'nauplii', from: 'ration' },
          ],
          source: 'Lavens & Sorgeloos 1996, working estimate for small tanks',
        },
  }
}

/** First day, from `fromDay` to 60, on which a food fits the mouth, or null. */
export function firstFittingDay(species: Species, temperatureC: number, food: FoodProfile, fromDay = 0): number | null {
  for (let day = Math.max(0, fromDay); day <= 60; day++) {
    const gapeUm = species.gapePerLength * lengthMm(species, day, temperatureC) * 1000
    if (sizeFit(food.criticalWidthUm, gapeUm) >= FIT_ENOUGH) return day
  }
  return null
}
