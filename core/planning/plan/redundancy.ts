import { normalCdf } from '../../math/normalCdf'

/** How likely vessels that share a place fail together: P(both of two fail) = p^2 + c (p - p^2) (working estimate). */
export const SHARED_FATE = 0.35

/** One food as the certainty of a plan sees it. */
export interface Reliability {
  failure: number
  /** Median days to ready, and its log spread. */ readyDays: number
  readyLogSd: number
}

/** Chance that a vessel that was started so many days before is ready and well on the day. */
export function readyBy(r: Reliability, days: number): number {
  if (days <= 0) return 0
  if (r.readyLogSd === 0) return days >= r.readyDays ? 1 - r.failure : 0
  return (1 - r.failure) * normalCdf(Math.log(days / r.readyDays) / r.readyLogSd)
}

/** Days before the need by which the last start must be made: the 90 % quantile of the time to ready. */
export const lastSafeDays = (r: Reliability): number =>
  r.readyDays * Math.exp(1.2816 * r.readyLogSd)
