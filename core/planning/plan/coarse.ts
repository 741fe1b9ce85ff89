import type { PlanProblem, PlanSolution } from './problem'
import { planProgram } from './program'

/** Meals are planned day by day so long; after that one day stands for three. */
const DAILY_D = 21
const STEP_D = 3

/**
 * The same problem with fewer days in the distance: enough to decide what is started, and several times as fast.
 * @param also days that are looked at all the same
 */
export const coarse = (p: PlanProblem, also: ReadonlySet<number> = new Set()): PlanProblem => ({
  ...p,
  broodDays: p.broodDays.flatMap(b => {
    if (b.day < DAILY_D) return [b]
    if ((b.day - DAILY_D) % STEP_D === 1) return [{ ...b, weight: STEP_D }]
    return also.has(b.day) ? [b] : []
  }),
})

/** A problem with its starts decided: what is eaten, and what that costs. */
export const decided = (p: PlanProblem, starts: PlanProblem['pinned']): PlanProblem => ({
  ...p,
  pinned: starts,
  onlyPinned: true,
})

const SHORT_FROM = 0.02

/** Days that go short in the whole plan though something could be had, and were not looked at when it was made. */
export function lackingDays(full: PlanProblem, meals: PlanSolution, looked: PlanProblem): number[] {
  const seen = new Set(looked.broodDays.map(b => b.day))
  const { lost } = planProgram(full)
  const hopeless = new Map(full.broodDays.map((b, i) => [`${b.brood}\n${b.day}`, lost[i]!]))
  return [
    ...new Set(
      meals.shortages
        .filter(
          s =>
            s.share - (hopeless.get(`${s.brood}\n${s.day}`) ?? 0) > SHORT_FROM && !seen.has(s.day),
        )
        .map(s => s.day),
    ),
  ]
}
