import { courseSteps, runSteps, type Culture, type CourseStep } from '../foods/culture'
import type { RandomStream } from '../math/random'

/**
 * Runs a vessel that was not ready yet through steps.
 * @returns hours since the start at which it became ready, or null. Within the steps it is where a harvest came up to a good one
 * (populations grow evenly on the logarithm); where readiness does not hang on that, the middle of them.
 */
export function stepsUntilReady(
  c: Culture,
  steps: readonly CourseStep[],
  chance: RandomStream,
): number | null {
  const fromH = c.ageH
  const before = c.family.yieldRatio(c.state, c.params)
  runSteps(c, steps, chance)
  if (c.family.readiness(c.state, c.params) !== 'ready') return null
  const after = c.family.yieldRatio(c.state, c.params)
  const part =
    before > 0 && before < 1 && after > 1 ? Math.log(1 / before) / Math.log(after / before) : 0.5
  return fromH + part * (c.ageH - fromH)
}

/** The same over so many hours. */
export const runUntilReady = (
  c: Culture,
  hours: number,
  temperature: (day: number) => number,
  chance: RandomStream,
): number | null => stepsUntilReady(c, courseSteps(c.upkeep, c.ageH, hours, temperature), chance)
