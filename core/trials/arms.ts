/** What a trial asks of each vessel. */
export const TRIAL_MEASURES = ['time', 'amount', 'share'] as const
export type TrialMeasure = (typeof TRIAL_MEASURES)[number]

/** Of a share: so many of so many. */
export interface Hits {
  hit: number
  of: number
}
/** A vessel's value with its own doubt, as a log spread; 0 where it was counted. */
export interface Valued {
  value: number
  logSd: number
}
export interface Arm<T> {
  id: string
  vessels: readonly T[]
}

/** What is believed of the scatter of like vessels before the trial: a log spread, worth so many vessels. */
export interface Spread {
  sd: number
  df: number
}
/** Where a room has taught nothing (working estimate). */
export const USUAL_SPREAD: Spread = { sd: 0.3, df: 3 }

export interface ArmResult {
  id: string
  mean: number
  p10: number
  p90: number
  /** Chance that it is the best of all. */
  best: number
}
/** Two arms against each other: how many times the value of the first the second has. */
export interface Difference {
  a: string
  b: string
  ratio: { p10: number; p50: number; p90: number }
  /** Chance that the first is the better one. */
  aBetter: number
}
export interface TrialResult {
  arms: ArmResult[]
  differences: Difference[]
  /** Vessels more for each arm until the best is known nine times in ten; null where that would take more than is sensible. */
  more: number | null
  /** One arm is the best, as surely as a trial can say that may be looked at again and again. */
  settled: boolean
  /** They are alike within what matters. */
  alike: boolean
}

/** A winner is named from here on: of two arms that do not differ one is wrongly called in at most one trial in ten. */
export const SETTLED_FROM = 0.96
/** Less than this between two arms changes nothing that anybody does (working estimate). */
export const MATTERS = 1.1
/** As surely they are alike. */
export const ALIKE_FROM = 0.9
/** Which way is better. */
export const LESS_IS_BETTER: Readonly<Record<TrialMeasure, boolean>> = {
  time: true,
  amount: false,
  share: false,
}
