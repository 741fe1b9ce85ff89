import { runCulture, type Culture } from '../foods/culture'
import type { RandomStream } from '../math/random'

/**
 * Runs a vessel that was not ready yet by one step.
 * @returns hours since the start at which it became ready, or null. Within the step it is where a harvest came up to a good one
 * (populations grow evenly on the logarithm); where readiness does not hang on that, the middle of the step.
 */
export function runUntilReady(
  c: Culture,
  hours: number,
  temperature: (day: number) => number,
  chance: RandomStream,
): number | null {
  const fromH = c.ageH
  const before = c.family.yieldRatio(c.state, c.params)
  runCulture(c, hours, temperature, chance)
  if (c.family.readiness(c.state, c.params) !== 'ready') return null
  const after = c.family.yieldRatio(c.state, c.params)
  const part =
    before > 0 && before < 1 && after > 1 ? Math.log(1 / before) / Math.log(after / before) : 0.5
  return fromH + part * (c.ageH - fromH)
}
