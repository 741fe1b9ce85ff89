import { compare } from '../math/compare'
import { daysBetween, type LocalDate } from '../time/localDate'
import { fryAlive } from './survival'

/** What is known of numbers: a count, or some that left. */
export interface FryEvent {
  on: LocalDate
  kind: 'counted' | 'left'
  fry: number
}

/** Numbers of a brood over time: plain data, so that it can be handed to another thread. */
export interface FryCourse {
  freeOn: LocalDate
  /** Numbers that were counted or worked out from what left, by days since free swimming; the first is known always. */
  points: readonly { day: number; fry: number }[]
}

/** Number expected on a day since free swimming. */
export function fryOnDay({ points }: FryCourse, day: number): number {
  const p = points.findLast(x => x.day <= day) ?? points[0]!
  return fryAlive(p.fry, p.day, day)
}

/** Number expected on a date. */
export const fryOn = (course: FryCourse, date: LocalDate): number =>
  fryOnDay(course, daysBetween(course.freeOn, date))

/** Usual losses from the last count, less what died, was moved or split off. */
export function fryCourse(
  first: { fry: number; on: LocalDate },
  events: readonly FryEvent[],
  freeOn: LocalDate,
): FryCourse {
  const points = [{ fry: first.fry, day: daysBetween(freeOn, first.on) }]
  const course = { freeOn, points }
  for (const e of [...events].sort((a, b) => compare(a.on, b.on))) {
    if (e.kind === 'counted' && e.on < first.on) continue
    points.push({
      day: daysBetween(freeOn, e.on),
      fry: e.kind === 'counted' ? e.fry : Math.max(0, fryOn(course, e.on) - e.fry),
    })
  }
  return course
}
