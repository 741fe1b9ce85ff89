import { compare } from '../math/compare'
import { daysBetween, type LocalDate } from '../time/localDate'
import { fryAlive } from './survival'

/** What is known of numbers: a count, or some that left. */
export interface FryEvent {
  on: LocalDate
  kind: 'counted' | 'left'
  fry: number
}

export interface FryCourse {
  /** Number expected on a date. */
  at(date: LocalDate): number
  /** The same by days since free swimming: ladders ask for thousands. */
  onDay(day: number): number
  /** The last number that was counted or worked out from what left, and its day. */
  last: { fry: number; on: LocalDate }
}

/** Numbers of a brood over time: usual losses from the last count, less what died, was moved or split off. */
export function fryCourse(
  first: { fry: number; on: LocalDate },
  events: readonly FryEvent[],
  freeOn: LocalDate,
): FryCourse {
  const points = [{ ...first, day: daysBetween(freeOn, first.on) }]
  const onDay = (day: number) => {
    const p = points.findLast(x => x.day <= day) ?? points[0]!
    return fryAlive(p.fry, p.day, day)
  }
  const alive = (date: LocalDate) => onDay(daysBetween(freeOn, date))
  for (const e of [...events].sort((a, b) => compare(a.on, b.on))) {
    if (e.kind === 'counted' && e.on < first.on) continue
    points.push({
      on: e.on,
      day: daysBetween(freeOn, e.on),
      fry: e.kind === 'counted' ? e.fry : Math.max(0, alive(e.on) - e.fry),
    })
  }
  return { at: alive, onDay, last: points.at(-1)! }
}
