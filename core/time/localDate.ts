import { TZDate } from '@date-fns/tz'
import { addDays as addDaysTo, differenceInCalendarDays, format } from 'date-fns'

/** An instant as ISO 8601 in UTC, such as 2026-03-23T06:30:00.000Z. */
export type Instant = string
/** A calendar date in the room's time zone, YYYY-MM-DD. */
export type LocalDate = string

const MS_PER_HOUR = 3_600_000

export const toInstant = (ms: number): Instant => new Date(ms).toISOString()
export const toMs = (at: Instant): number => Date.parse(at)

/** Hours that pass from one instant to another; over a daylight-saving change this is not the difference of clock times. */
export const hoursBetween = (from: Instant, to: Instant) => (toMs(to) - toMs(from)) / MS_PER_HOUR
export const addHours = (at: Instant, hours: number): Instant => toInstant(toMs(at) + hours * MS_PER_HOUR)

/** The calendar date of an instant in a zone. */
export const localDateOf = (at: Instant, timeZone: string): LocalDate => format(new TZDate(toMs(at), timeZone), 'yyyy-MM-dd')

/** Calendar dates are moved and compared at noon UTC, where no zone's clock change can reach them. */
const noon = (date: LocalDate) => new Date(`${date}T12:00:00Z`)
export const addDays = (date: LocalDate, days: number): LocalDate => addDaysTo(noon(date), days).toISOString().slice(0, 10)
export const daysBetween = (from: LocalDate, to: LocalDate) => differenceInCalendarDays(noon(to), noon(from))

/** The instant of a local clock time. A time the spring change skips is moved on by the hour; one that comes twice is the first. */
export function instantOf(date: LocalDate, clock: string, timeZone: string): Instant {
  const [y, m, d] = date.split('-').map(Number) as [number, number, number]
  const [h, min] = clock.split(':').map(Number) as [number, number]
  return toInstant(new TZDate(y, m - 1, d, h, min, timeZone).getTime())
}

/** True for an IANA zone this machine knows. */
export function isTimeZone(timeZone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone })
    return timeZone.length > 0
  } catch {
    return false
  }
}
