import type { Action, Look, Sign } from '../dynamics/contract'
import { normalCdf } from '../math/normalCdf'

/** What somebody saw, counted or did, some hours after the start. */
export type Observation =
  | { h: number, kind: 'look', signs: Partial<Record<Sign, number>> }
  | { h: number, kind: 'count', animals: number, ml: number }
  | { h: number, kind: 'temperature', c: number }
  | { h: number, kind: 'action', action: Action }

/** Share of grades that are slips of the eye or the finger: a contradiction moves an estimate, it does not break it. */
const SLIP = 0.03
/** Grades a sign has, for the share that a slip takes. */
const GRADES = 4
/** Counts of badly mixed samples vary more than Poisson by this factor on the variance. */
const PATCHINESS = 2

/** Probability of a grade under an expected look: ordinal, with normal spread around the expected grade. */
export function gradeChance(grade: number, mean: number, sd: number): number {
  const hi = grade >= GRADES - 1 && mean <= GRADES ? Infinity : grade + 0.5
  const lo = grade <= 0 ? -Infinity : grade - 0.5
  return SLIP / GRADES + (1 - SLIP) * (normalCdf((hi - mean) / sd) - normalCdf((lo - mean) / sd))
}

/** Log-likelihood of the grades of a look; signs the model does not show say nothing. */
export function lookLikelihood(seen: Partial<Record<Sign, number>>, expected: Look): number {
  let log = 0
  for (const sign in seen) {
    const e = expected[sign as Sign]
    if (e) log += Math.log(gradeChance(seen[sign as Sign]!, e.grade, e.sd))
  }
  return log
}

/** Log-likelihood of a count: near-normal on the square root, wider than Poisson, since nobody mixes perfectly. */
export function countLikelihood(animals: number, ml: number, perMl: number): number {
  const expected = Math.max(0.05, perMl * ml)
  // The square root of a Poisson has a standard deviation of a half (Bartlett 1936).
  const z = (Math.sqrt(animals + 0.375) - Math.sqrt(expected + 0.375)) / (0.5 * Math.sqrt(PATCHINESS))
  return Math.max(-30, (-z * z) / 2)
}
