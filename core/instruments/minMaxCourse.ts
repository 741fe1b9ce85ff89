import { addHours, hoursBetween, type Instant } from '../time/localDate'
import type { Reading } from './reading'

/** The warmest hour of a room is in the afternoon, the coldest before the sun (working estimate), hours of the day. */
const WARMEST_H = 16
const COLDEST_H = 4
const DAY_H = 24

/**
 * The course between two looks at a thermometer that shows the lowest and the highest since: a daily swing that reaches both.
 * Where the time between holds neither of the two hours, it rises and falls once in between.
 * @param midnight an instant at which the day begins at that place
 */
export function minMaxCourse(
  {
    from,
    to,
    minC,
    maxC,
    nowC,
  }: {
    from: Instant
    to: Instant
    minC: number
    maxC: number
    nowC: number | null
  },
  midnight: Instant,
): Reading[] {
  const hours = hoursBetween(from, to)
  if (hours <= 0) return []
  const first = Math.floor(hoursBetween(midnight, from) / DAY_H)
  const last = Math.ceil(hoursBetween(midnight, to) / DAY_H)
  const turns: Reading[] = []
  for (let day = first; day <= last; day++)
    turns.push(
      { at: addHours(midnight, day * DAY_H + COLDEST_H), c: minC },
      { at: addHours(midnight, day * DAY_H + WARMEST_H), c: maxC },
    )
  const within = turns.filter(t => t.at > from && t.at < to)
  const missing = [minC, maxC].filter(c => !within.some(t => t.c === c))
  // A short while that held neither hour: what is missing lies evenly between its ends.
  const put = missing.map((c, i) => ({
    at: addHours(from, (hours * (i + 1)) / (missing.length + 1)),
    c,
  }))
  const course = [...within, ...put].sort((a, b) => (a.at < b.at ? -1 : 1))
  return nowC === null ? course : [...course, { at: to, c: nowC }]
}
