import type { PlanProblem } from './problem'

/** Tells the days on which a brood is only waited for: its food stands ready, nobody eats. */
export function standbyOf(p: PlanProblem): (meal: { brood: string; day: number }) => boolean {
  const days = new Set(p.broodDays.filter(b => b.standby).map(b => `${b.brood}\n${b.day}`))
  return ({ brood, day }) => days.has(`${brood}\n${day}`)
}
