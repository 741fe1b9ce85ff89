import { normalCdf } from '../../math/normalCdf'

/** How likely vessels that share a place fail together: P(both of two fail) = p^2 + c (p - p^2) (working estimate). */
export const SHARED_FATE = 0.35
/** More than so many vessels of one food are never asked for. */
export const MOST_VESSELS = 12

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

/**
 * Distribution of how many of n vessels at one place are ready: beta-binomial, the one law of exchangeable vessels
 * whose pairs fail together as stated (intra-class correlation c).
 */
export function readyAtOnePlace(n: number, ready: number, shared = SHARED_FATE): number[] {
  if (ready <= 0 || ready >= 1)
    return Array.from({ length: n + 1 }, (_, k) => (k === (ready <= 0 ? 0 : n) ? 1 : 0))
  const mass = (1 - shared) / shared
  const [a, b] = [ready * mass, (1 - ready) * mass]
  const rise = (x: number, k: number) =>
    Array.from({ length: k }, (_, i) => x + i).reduce((p, v) => p * v, 1)
  let choose = 1
  return Array.from({ length: n + 1 }, (_, k) => {
    if (k > 0) choose *= (n - k + 1) / k
    return (choose * rise(a, k) * rise(b, n - k)) / rise(a + b, n)
  })
}

/** Sum of independent counts. */
export function convolve(a: readonly number[], b: readonly number[]): number[] {
  const out = new Array<number>(a.length + b.length - 1).fill(0)
  a.forEach((p, i) =>
    b.forEach((q, j) => {
      out[i + j]! += p * q
    }),
  )
  return out
}

/** Chance that at least so many of the vessels are ready, vessels by place; places fail independently. */
export function atLeast(needed: number, perPlace: readonly number[], ready: number): number {
  const counts = perPlace.map(n => readyAtOnePlace(n, ready)).reduce(convolve, [1])
  return counts.reduce((s, p, k) => s + (k >= needed ? p : 0), 0)
}

/** Vessels spread over places as evenly as they go. */
export const spread = (vessels: number, places: number): number[] =>
  Array.from(
    { length: Math.max(1, places) },
    (_, i) =>
      Math.floor(vessels / Math.max(1, places)) + (i < vessels % Math.max(1, places) ? 1 : 0),
  ).filter(n => n > 0)

/**
 * The least number of vessels with which at least so many are ready with the wanted certainty.
 * @param ready chance of one vessel (readyBy)
 * @param places places they can be spread over
 * @returns the number, and what certainty it gives; the most that is ever asked for where no number is enough
 */
export function vesselsFor(
  needed: number,
  ready: number,
  certainty: number,
  places: number,
): { vessels: number; certainty: number; enough: boolean } {
  if (needed <= 0) return { vessels: 0, certainty: 1, enough: true }
  let last = 0
  for (let n = needed; n <= Math.max(needed, MOST_VESSELS); n++) {
    last = atLeast(needed, spread(n, places), ready)
    if (last >= certainty - 1e-12) return { vessels: n, certainty: last, enough: true }
  }
  return { vessels: Math.max(needed, MOST_VESSELS), certainty: last, enough: false }
}

/** Days before the need by which the last start must be made: the 90 % quantile of the time to ready. */
export const lastSafeDays = (r: Reliability): number =>
  r.readyDays * Math.exp(1.2816 * r.readyLogSd)
