import { normalQuantile } from '../math/normalQuantile'
import { useLogSd, type UseDoubt } from './useDoubt'

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
export const usedAtMost = (expected: number, certainty: number, doubt: UseDoubt): number =>
  expected * Math.exp(useLogSd(expected, doubt) * normalQuantile(certainty))

/** Days that an amount lasts with a certainty. */
export const lastsSurely = (
  left: number,
  perDay: readonly number[],
  certainty: number,
  doubt: UseDoubt,
): number => daysUntil(left * Math.exp(-useLogSd(left, doubt) * normalQuantile(certainty)), perDay)

/**
 * How long an amount lasts; null where nothing is used.
 * @param perDay what is expected to be used on each of the next days, in the unit of the amount
 */
export function burnDown(left: number, perDay: readonly number[], doubt: UseDoubt): Lasts | null {
  if (!perDay.some(use => use > 0)) return null
  return {
    p10: lastsSurely(left, perDay, 0.9, doubt),
    p50: daysUntil(left, perDay),
    p90: lastsSurely(left, perDay, 0.1, doubt),
  }
}
