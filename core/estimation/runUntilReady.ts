import {
  courseSteps,
  runSteps,
  temperatureIn,
  type Culture,
  type CourseStep,
} from '../foods/culture'
import type { RandomStream } from '../math/random'

/** Runs a vessel that was not ready yet; the hours since its start at which it became so, or null. */
function untilReady(c: Culture, run: () => void): number | null {
  const fromH = c.ageH
  const before = c.family.yieldRatio(c.state, c.params)
  run()
  if (c.family.readiness(c.state, c.params) !== 'ready') return null
  const after = c.family.yieldRatio(c.state, c.params)
  const part =
    before > 0 && before < 1 && after > 1 ? Math.log(1 / before) / Math.log(after / before) : 0.5
  return fromH + part * (c.ageH - fromH)
}

/**
 * Runs a vessel that was not ready yet through a step.
 * @returns hours since the start at which it became ready, or null. Within the step it is where a harvest came up to a good one
 * (populations grow evenly on the logarithm); where readiness does not hang on that, the middle of it.
 */
export const stepUntilReady = (c: Culture, step: CourseStep, chance: RandomStream): number | null =>
  untilReady(c, () => runSteps(c, [step], chance))

/** The same over so many hours. */
export const runUntilReady = (
  c: Culture,
  hours: number,
  temperature: (day: number) => number,
  chance: RandomStream,
): number | null =>
  untilReady(c, () => {
    const here = temperatureIn(c, temperature)
    runSteps(c, courseSteps(c.upkeep, c.ageH, hours, here), chance)
  })
