import { instantAt, wallClock } from './zone'

/** An instant as ISO 8601 in UTC, such as 2026-03-23T06:30:00.000Z. */
export type Instant = string
/** A calendar date in the room's time zone, YYYY-MM-DD. */
export type LocalDate = string

const MS_PER_HOUR = 3_600_000

export const toInstant = (ms: number): Instant => new Date(ms).toISOString()

/** Small caches of pure answers: plans ask for the same few instants thousands of times. */
const KEPT = 4096
function remember<T>(cache: Map<string, T>, key: string, make: () => T): T {
  const found = cache.get(key)
  if (found !== undefined) return found
  if (cache.size >= KEPT) cache.clear()
  const made = make()
  cache.set(key, made)
  return made
}

const instants = new Map<string, number>()
export const toMs = (at: Instant): number => remember(instants, at, () => Date.parse(at))

/** Hours that pass from one instant to another; over a daylight-saving change this is not the difference of clock times. */
export const hoursBetween = (from: Instant, to: Instant) => (toMs(to) - toMs(from)) / MS_PER_HOUR
export const addHours = (at: Instant, hours: number): Instant =>
  toInstant(toMs(at) + hours * MS_PER_HOUR)

/** The calendar date of an instant in a zone. */
export const localDateOf = (at: Instant, timeZone: string): LocalDate =>
  wallClock(toMs(at), timeZone).slice(0, 10)

const MS_PER_DAY = 86_400_000
/**
 * Calendar dates are moved and compared in UTC, which has no clock changes: plain arithmetic, since ladders ask for thousands of dates.
 */
export const addDays = (date: LocalDate, days: number): LocalDate =>
  new Date(Date.parse(date) + Math.round(days) * MS_PER_DAY).toISOString().slice(0, 10)
export const daysBetween = (from: LocalDate, to: LocalDate) =>
  Math.round((Date.parse(to) - Date.parse(from)) / MS_PER_DAY)

const clockTimes = new Map<string, Instant>()

/** The instant of a local clock time. A time the spring change skips is moved on by the hour; one that comes twice is the first. */
export function instantOf(date: LocalDate, clock: string, timeZone: string): Instant {
  return remember(clockTimes, `${date} ${clock} ${timeZone}`, () =>
    clockTime(date, clock, timeZone),
  )
}

function clockTime(date: LocalDate, clock: string, timeZone: string): Instant {
  return toInstant(instantAt(Date.parse(`${date}T${clock}:00Z`), timeZone))
}

/** Clock time of an instant in a zone, HH:mm. */
export const clockOf = (at: Instant, timeZone: string): string =>
  wallClock(toMs(at), timeZone).slice(11, 16)

/** True for an IANA zone this machine knows. */
export function isTimeZone(timeZone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone })
    return timeZone.length > 0
  } catch {
    return false
  }
}
