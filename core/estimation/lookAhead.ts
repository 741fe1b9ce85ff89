import { keptByCard, runCulture, STEP_H } from '../foods/culture'
import { randomStream } from '../math/random'
import { systematic, type Cloud } from './cloud'
import { runUntilReady } from './runUntilReady'

/** Courses run into the future; each stands for an equal share of the cloud. */
const COURSES = 120
/** Days looked ahead for readiness, and for a crash. */
const AHEAD_D = 60
export const CRASH_D = 3

export interface Course {
  readyH: number | null
  failed: boolean
  crashed: boolean
}

/** Runs a fair draw of the cloud on under the method, to the day it is ready or is seen not to be. */
export function lookAhead(
  cloud: Cloud,
  w: Float64Array,
  temperature: (day: number) => number,
  seed: number,
): Course[] {
  const chance = randomStream(seed)
  return systematic(w, COURSES, chance.next()).map(index => {
    const p = cloud[index]!
    const c = keptByCard(p.culture)
    const readiness = () => c.family.readiness(c.state, c.params)
    const gone = () => c.family.stage(c.state, c.params) === 'crashed'
    const now = readiness()
    let readyH = p.readyH
    let crashed = gone()
    for (
      let h = 0;
      h < AHEAD_D * 24 && (readyH === null || h < CRASH_D * 24) && !crashed;
      h += STEP_H
    ) {
      if (readyH === null) readyH = runUntilReady(c, STEP_H, temperature, chance)
      else runCulture(c, STEP_H, temperature, chance)
      if (gone()) {
        if (h < CRASH_D * 24) crashed = true
        else break
      }
    }
    // It failed when it is gone, or when it never will be of use.
    return { readyH, failed: now === 'failed' || readyH === null, crashed }
  })
}
