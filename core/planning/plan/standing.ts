import type { PlanProblem, StartOn, Startable } from './problem'

const stands = (s: Startable, from: number, day: number) => from <= day && day < from + s.holdsDays

/** Minutes that starts take on each day, for themselves and while they stand. */
export function minutesUsed(p: PlanProblem, made: readonly StartOn[]): number[] {
  const used = new Array<number>(p.days).fill(0)
  for (const m of made) {
    const s = p.startable.find(x => x.id === m.startable)
    if (!s || m.day < 0 || m.day >= p.days) continue
    used[m.day]! += m.vessels * s.startMinutes
    for (let day = m.day + 1; day < p.days && stands(s, m.day, day); day++)
      used[day]! += m.vessels * s.dayMinutes
  }
  return used
}

/** Whether a vessel is free for one start more, for as long as it would stand. */
export function mayStand(
  p: PlanProblem,
  start: Startable,
  day: number,
  made: readonly StartOn[],
): boolean {
  const free = p.vessels[start.vessel] ?? []
  for (let on = day; on < Math.min(p.days, day + start.holdsDays); on++) {
    const taken = made.reduce((n, m) => {
      const s = p.startable.find(x => x.id === m.startable)
      return s?.vessel === start.vessel && stands(s, m.day, on) ? n + m.vessels : n
    }, 0)
    if (taken >= (free[on] ?? 0)) return false
  }
  return true
}

/**
 * The first of some days on which one start more finds a vessel and its minutes, and somebody is there; where none has the minutes,
 * the one that runs over least. Null where no vessel is free, or all would run over by too much.
 * @param mostOver minutes that a day may run over; as the day itself has it where nothing is said
 */
export function dayThatFits(
  p: PlanProblem,
  start: Startable,
  days: readonly number[],
  made: readonly StartOn[],
  mostOver: number | null = null,
): number | null {
  const used = minutesUsed(p, made)
  const over = (day: number) =>
    Math.max(0, used[day]! + start.startMinutes - (p.minutes[day] ?? Infinity))
  const [best] = days
    .filter(day => day >= 0 && day < p.days && !p.idle.includes(day))
    .filter(day => mayStand(p, start, day, made) && over(day) <= (mostOver ?? p.overtime[day] ?? 0))
    .sort((a, b) => over(a) - over(b))
  return best ?? null
}

/** Days from one to another, either way. */
export const daysFromTo = (from: number, to: number): number[] =>
  Array.from({ length: Math.abs(to - from) + 1 }, (_, i) => (to < from ? from - i : from + i))
