import type { Action, Look, Sign, SignLook } from '../dynamics/contract'
import { normalCdf } from '../math/normalCdf'
import type { Lean } from './observer'
import type { HarvestGrade, Stranger } from '../records/vocabulary'

/** What somebody saw, counted, took or did, some hours after the start. */
export type Observation =
  | {
      h: number
      kind: 'look'
      signs: Partial<Record<Sign, number>>
      strangers?: readonly Stranger[]
    }
  | { h: number; kind: 'count'; animals: number; ml: number }
  /** A density read off something else than animals: the depth at which a stick vanishes, a colour. */
  | { h: number; kind: 'density'; perMl: number; logSd: number }
  /** A harvest as it looked in the cup; what was taken is an action of its own. */
  | { h: number; kind: 'yield'; seen: HarvestGrade }
  /** Somebody wanted to harvest and found it not worth it: the density is below that, nobody knows how far. */
  | { h: number; kind: 'refused' }
  | { h: number; kind: 'temperature'; c: number }
  | { h: number; kind: 'action'; action: Action }

/** Share of grades that are slips of the eye or the finger: a contradiction moves an estimate, it does not break it. */
const SLIP = 0.03
/** Grades a sign has, for the share that a slip takes. */
const GRADES = 4
/** Counts of badly mixed samples vary more than Poisson by this factor on the variance. */
const PATCHINESS = 2
/** No single observation weighs more than this, on the logarithm. */
const LEAST_LOG = -30
/** A harvest is called good from this share of a good one, and failed below this; how far people's words lie around it, log sd. */
const GOOD_FROM = 0.75
const FAILED_BELOW = 0.2
const YIELD_LOG_SD = 0.4

/** Probability of a grade under an expected look: ordinal, with normal spread around the expected grade. */
export function gradeChance(grade: number, mean: number, sd: number): number {
  const hi = grade >= GRADES - 1 && mean <= GRADES ? Infinity : grade + 0.5
  const lo = grade <= 0 ? -Infinity : grade - 0.5
  return SLIP / GRADES + (1 - SLIP) * (normalCdf((hi - mean) / sd) - normalCdf((lo - mean) / sd))
}

/** Signs hang together, and one eye repeats itself: many looks prove less than as many independent ones would. */
export const LOOK_POWER = 0.9
/** Signs that nobody takes for the food on its way, and the grade from which they do: no eye leans so far. */
export const FOUL: readonly Sign[] = ['film', 'smell']
export const FOUL_FROM = 2

/**
 * The grade that a leaning eye sees, before its slips.
 * @param grade as an even eye would see it
 */
export function leant(sign: Sign, grade: number, lean: Lean): number {
  const seen = Math.round(grade + (lean[sign] ?? 0))
  const foul = Math.round(grade) >= FOUL_FROM
  return FOUL.includes(sign) && !foul ? Math.min(FOUL_FROM - 1, seen) : seen
}

/** Log-likelihood of one grade. */
function gradeLikelihood(sign: Sign, grade: number, e: SignLook, lean: Lean, blur: number): number {
  // Nor does an unsteady one.
  if (FOUL.includes(sign) && grade >= FOUL_FROM) return Math.log(gradeChance(grade, e.grade, e.sd))
  const sd = e.sd * blur
  return LOOK_POWER * Math.log(gradeChance(grade, e.grade + (lean[sign] ?? 0), sd))
}

/**
 * Log-likelihood of the grades of a look; signs the model does not show say nothing.
 * @param lean grades by which who looks sees each sign too strong
 * @param blur how much wider his grades lie than people's usually do
 */
export function lookLikelihood(
  seen: Partial<Record<Sign, number>>,
  expected: Look,
  lean: Lean = {},
  blur = 1,
): number {
  let log = 0
  for (const sign in seen) {
    const e = expected[sign as Sign]
    if (e) log += gradeLikelihood(sign as Sign, seen[sign as Sign]!, e, lean, blur)
  }
  return log
}

/** Log-likelihood of a count: near-normal on the square root, wider than Poisson, since nobody mixes perfectly. */
export function countLikelihood(animals: number, ml: number, perMl: number): number {
  const expected = Math.max(0.05, perMl * ml)
  // The square root of a Poisson has a standard deviation of a half (Bartlett 1936).
  const z =
    (Math.sqrt(animals + 0.375) - Math.sqrt(expected + 0.375)) / (0.5 * Math.sqrt(PATCHINESS))
  return Math.max(LEAST_LOG, (-z * z) / 2)
}

/** Log-likelihood of a density that was read with a log-normal error. */
export function densityLikelihood(read: number, logSd: number, perMl: number): number {
  const z = Math.log(Math.max(read, 1e-9) / Math.max(perMl, 1e-9)) / logSd
  return Math.max(LEAST_LOG, (-z * z) / 2)
}

/** Log-likelihood of how a harvest looked, given what it is against a good one. */
export function yieldLikelihood(seen: HarvestGrade, ratio: number): number {
  const below = (bound: number) =>
    normalCdf((Math.log(bound) - Math.log(Math.max(ratio, 1e-6))) / YIELD_LOG_SD)
  const p = {
    good: 1 - below(GOOD_FROM),
    thin: below(GOOD_FROM) - below(FAILED_BELOW),
    failed: below(FAILED_BELOW),
  }[seen]
  return Math.log(SLIP / 3 + (1 - SLIP) * p)
}

/** Log-likelihood of a harvest that was not worth it: censored, anything below a good one. */
export function refusalLikelihood(ratio: number): number {
  const below = normalCdf(-Math.log(Math.max(ratio, 1e-6)) / YIELD_LOG_SD)
  return Math.log(SLIP / 2 + (1 - SLIP) * below)
}
