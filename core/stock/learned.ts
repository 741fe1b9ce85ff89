import type { Food } from '../foods/contract'
import { roomLogShifts } from '../foods/roomLogShifts'
import type { Sign } from '../records/vocabulary'

/** What a room has taught, as the rest of the app uses it. Worked out in core/estimation/learning. */

/** A number as it is believed: median and 80 % band, on what it rests, and what the book or the tin says. */
export interface LearnedValue {
  value: number
  low: number
  high: number
  /** Observations or vessels behind it. */ from: number
  book: number
}

/** What a room has taught about a parameter: a shift of its logarithm against the book, and what is still open. */
export interface Prior {
  logShift: number
  logSd: number
}
export type Priors = Readonly<Record<string, Prior>>

export interface LotLearned {
  hatch: LearnedValue
  speed: LearnedValue
  spread: LearnedValue
  naupliiUm: LearnedValue
}

export interface FoodLearned {
  /** Against the book, which is 1. */
  growth: LearnedValue | null
  lag: LearnedValue | null
  capacity: LearnedValue | null
  /** Share of vessels that fail. */
  failure: LearnedValue | null
  /** What the next vessel is expected to be like. */
  priors: Priors
}

export interface ToolLearned {
  ml: LearnedValue
}

/** Somebody who looks, by the name of the device: grades by which each sign is seen stronger than it is. */
export interface ObserverLearned {
  lean: Readonly<Partial<Record<Sign, { mean: number; sd: number }>>>
  /** Vessels behind it. */
  from: number
}

/** By id of the lot, the food and the tool; what nothing is known of is not there. */
export interface Learned {
  lots: Readonly<Record<string, LotLearned>>
  foods: Readonly<Record<string, FoodLearned>>
  /** How fast things grow in this room, over all foods, against the book, which is 1; `from` counts foods. */
  growth: LearnedValue | null
  tools: Readonly<Record<string, ToolLearned>>
  /** By the name of the device that wrote the looks. */
  observers: Readonly<Record<string, ObserverLearned>>
  /** Factor on readings of green water, by way of reading and food. */
  readings: Readonly<Record<string, LearnedValue>>
}

export const NOTHING_LEARNED: Learned = {
  lots: {},
  foods: {},
  growth: null,
  tools: {},
  observers: {},
  readings: {},
}

/** Steps of the logarithm in which a start is reckoned otherwise than by the book: not every look makes new courses. */
const TAUGHT_STEP = 0.05

/**
 * Factors on the parameters of a food in this room: what it has taught, or how such rooms lie.
 * How often it fails is told by itself.
 */
export function taughtFactors({ foods }: Learned, food: Food): Record<string, number> {
  const shifts = roomLogShifts(food)
  for (const [key, { logShift }] of Object.entries(foods[food.profile.id]?.priors ?? {}))
    if (key !== 'failure') shifts[key] = logShift
  const factors = Object.entries(shifts).flatMap(([key, logShift]) => {
    const shift = Math.round(logShift / TAUGHT_STEP) * TAUGHT_STEP
    return shift === 0 ? [] : [[key, Math.exp(shift)] as const]
  })
  return Object.fromEntries(factors)
}
