import type { Band } from '../estimation/cloud'
import type { Valued } from './arms'

/** A band of 80 % of a lognormal is so many standard deviations of its logarithm wide. */
const BAND_SDS = 2 * 1.2816
/** What was seen tells something where it takes so much of what was open, or moves the middle by so much of its logarithm. */
const TAKES_FROM = 0.15
const MOVES_FROM = 0.1

const varianceOf = (b: Band) => Math.max(1e-6, (Math.log(b.p90 / b.p10) / BAND_SDS) ** 2)

/**
 * What a vessel says of a quantity, with its own doubt; null where nothing was seen that tells. What was believed before stays
 * in it: taken out again as if both were bell-shaped it threw jars a day beyond what had been seen of them
 * (docs/decisions.md), and left in it draws unlike arms together at worst, which names no winner too early.
 * @param after as it is believed with what was seen
 * @param before as it was believed without
 */
export function ownValue(after: Band | null, before: Band | null): Valued | null {
  if (!after || !before || after.p10 <= 0 || before.p10 <= 0) return null
  const variance = varianceOf(after)
  const takes = 1 - variance / varianceOf(before)
  const moves = Math.abs(Math.log(after.p50 / before.p50))
  if (takes < TAKES_FROM && moves < MOVES_FROM) return null
  return { value: after.p50, logSd: Math.sqrt(variance) }
}
