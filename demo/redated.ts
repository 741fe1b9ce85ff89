import { idTime, makeId } from '@renatus/core/records/id'
import { addDays, daysBetween, toMs, type LocalDate } from '@renatus/core/time/localDate'
import { instantAt, wallClock } from '@renatus/core/time/zone'

export interface DayThere {
  today: LocalDate
  timeZone: string
}

const DATES = /\d{4}-\d\d-\d\d(T\d\d:\d\d:\d\d(\.\d+)?Z)?/g
const IDS = /\b[0-7][0-9A-HJKMNP-TV-Z]{25}\b/g
const DAY_MS = 86_400_000
const QUARTER_MS = 900_000
const TIME_LETTERS = 10
const NO_CHANCE = new Uint8Array(10)

/**
 * The text of a room moved to another day and zone: instants keep what the clock on the wall showed, dates their distance
 * from today, ids the time they were made at. Keys of rounds are dates with a clock time and move with them.
 */
export function redated(text: string, from: DayThere, to: DayThere): string {
  const days = daysBetween(from.today, to.today)
  const move = (ms: number) =>
    instantAt(Date.parse(wallClock(ms, from.timeZone)) + days * DAY_MS, to.timeZone)
  // Zones change on quarters of an hour only, and much was written in the same one.
  const byQuarter = new Map<number, number>()
  const moved = (ms: number) => {
    const quarter = ms - (ms % QUARTER_MS)
    const known = byQuarter.get(quarter) ?? move(quarter) - quarter
    byQuarter.set(quarter, known)
    return ms + known
  }
  const instant = (at: string) => new Date(moved(toMs(at))).toISOString()
  return text
    .replace(DATES, (found, time) => (time ? instant(found) : addDays(found, days)))
    .replace(
      IDS,
      id => makeId(moved(idTime(id)), NO_CHANCE).slice(0, TIME_LETTERS) + id.slice(TIME_LETTERS),
    )
}
