/** How well it is known what will be used: how often it was used of late, and how much each time, in its unit. */
export interface UseDoubt {
  times: number
  each: number
}

/** Nothing of it was seen: it is known from a plan alone. */
export const ONLY_PLANNED: UseDoubt = { times: 0, each: 0 }

/** Log spread of one factor on all that will be used, with a long past behind it (working estimate; bench "Stores"). */
export const USE_LOG_SD = 0.3
/** Variance of a rate that was seen once, and of a use where one is left: both come less regularly than a clock, and more so than by chance. */
export const RATE_VARIANCE = 0.5
export const GRAIN_VARIANCE = 0.5

/**
 * Log spread of when an amount is used up: of the rate, known better the oftener it was seen, and of the grain, since the last
 * few uses of something come sooner or later.
 */
export function useLogSd(amount: number, { times, each }: UseDoubt): number {
  const grain = each > 0 ? each / Math.max(each, amount) : 0
  return Math.sqrt(USE_LOG_SD ** 2 + RATE_VARIANCE / (1 + times) + GRAIN_VARIANCE * grain)
}
