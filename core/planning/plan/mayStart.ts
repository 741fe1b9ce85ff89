import type { PlanProblem, StartOn } from './problem'

/** Starts are planned to the day so long; after that on one day of three, in the distance on one of each week. */
const DAILY_TO = 10
const WEEKLY_FROM = 45
const stepOn = (day: number) => {
  if (day < DAILY_TO) return 1
  return day < WEEKLY_FROM ? 3 : 7
}

/** Whether a start is considered on a day. */
export function mayStart(
  p: PlanProblem,
  startable: { id: string; fromDay: number },
  day: number,
): boolean {
  const isOf = (s: StartOn) => s.startable === startable.id && s.day === day
  if (p.pinned.some(isOf)) return true
  if (p.onlyPinned || day < startable.fromDay || p.idle.includes(day)) return false
  return (day + p.phase) % stepOn(day) === 0
}
