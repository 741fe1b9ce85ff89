import { normalQuantile } from '../math/normalQuantile'

/**
 * Doubt of what will be used: one factor on all of it, as a log spread (working estimate; bench "stores" checks that what is said
 * comes true as often as it is said).
 */
export const USE_LOG_SD = 0.35
/** Nothing is told beyond, days. */
export const LONGEST_D = 3650
/** Beyond this it is told as "more than two years", days. */
export const TOLD_D = 730

export interface Lasts {
  p10: number
  p50: number
  p90: number
}

/** Days until so much is used up, by what is expected of each day; after the last day as on the mean of all. */
export function daysUntil(used: number, perDay: readonly number[]): number {
  let left = used
  for (const [day, use] of perDay.entries()) {
    if (use > 0 && left <= use) return day + left / use
    left -= use
  }
  const total = perDay.reduce((a, b) => a + b, 0)
  if (total <= 0) return LONGEST_D
  return Math.min(LONGEST_D, perDay.length + (left * perDay.length) / total)
}

/** What is used up to the end of a day at most, with a certainty. */
export const usedAtMost = (expected: number, certainty: number): number =>
  expected * Math.exp(USE_LOG_SD * normalQuantile(certainty))

/** Days that an amount lasts with a certainty. */
export const lastsSurely = (left: number, perDay: readonly number[], certainty: number): number =>
  daysUntil(left / usedAtMost(1, certainty), perDay)

/**
 * How long an amount lasts; null where nothing is used.
 * @param perDay what is expected to be used on each of the next days, in the unit of the amount
 */
export function burnDown(left: number, perDay: readonly number[]): Lasts | null {
  if (!perDay.some(use => use > 0)) return null
  return {
    p10: lastsSurely(left, perDay, 0.9),
    p50: daysUntil(left, perDay),
    p90: lastsSurely(left, perDay, 0.1),
  }
}
