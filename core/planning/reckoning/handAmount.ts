import type { HandUnit } from '../../records/vocabulary'
import { nextMultiple, tidy } from '../../units/nextMultiple'

/** What a hand measured: so many of a unit. */
export interface HandAmount {
  value: number
  unit: HandUnit
}

/** Up to these values the steps below are taken, for what is poured or drawn in mL. */
const ML_STEPS: readonly (readonly [upTo: number, step: number])[] = [
  [1, 0.1],
  [5, 0.5],
  [20, 1],
  [100, 5],
  [500, 10],
  [Infinity, 50],
]
const FINEST: Readonly<Record<HandUnit, number>> = {
  mL: 0.1,
  cube: 0.25,
  pinch: 0.25,
  wipe: 0.25,
  piece: 0.25,
  worm: 1,
  each: 1,
  share: 0.01,
  g: 0.1,
}

/** Of a pinch and a wipe less than a quarter is taken by tenths. */
const TENTHS_BELOW = 0.225

/** The step in which a hand measures about so much of a unit. */
function stepOf(unit: HandUnit, value: number): number {
  if (unit === 'pinch' || unit === 'wipe') return value < TENTHS_BELOW ? 0.1 : FINEST[unit]
  if (unit !== 'mL') return FINEST[unit]
  return ML_STEPS.find(([upTo]) => value <= upTo)![1]
}

/** A meal that lacks less than this share is whole. */
export const WHOLE_ENOUGH = 0.05

/** The next mark of the hand's measure above or below an amount; never below nothing. */
export function nextMark(unit: HandUnit, value: number, way: 1 | -1): number {
  return nextMultiple(stepOf(unit, way === 1 ? value * 1.0001 : value), value, way)
}

/**
 * An amount as a hand can measure it: to the nearest step, or the next where that would be short, and never more than there is.
 * Where less than the finest step is left, all of it.
 */
export function roundedForHand(unit: HandUnit, value: number, most: number): number {
  const step = stepOf(unit, value)
  const nearest = Math.max(step, Math.round(value / step) * step)
  const short = nearest < value * (1 - WHOLE_ENOUGH) && nearest + step <= most + 1e-9
  const near = short ? nearest + step : nearest
  if (near <= most + 1e-9) return tidy(near)
  const down = Math.floor(most / step + 1e-9) * step
  return tidy(down > 0 ? down : most)
}
