import type { LocalDate } from './localDate'

// Each is made once, when a day is first written: making one loads what the browser knows of languages.
const DAY = { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' } as const
const WEEKDAY = { weekday: 'long', timeZone: 'UTC' } as const
let parts: Intl.DateTimeFormat | undefined
let weekday: Intl.DateTimeFormat | undefined
/** Calendar dates are shown as they stand: noon in UTC is that day. */
const noonOf = (date: LocalDate) => new Date(`${date}T12:00:00Z`)

/** "Tue 24 Mar": a day as people say it, the same everywhere. */
export function dayText(date: LocalDate): string {
  parts ??= new Intl.DateTimeFormat('en-US', DAY)
  const by = Object.fromEntries(parts.formatToParts(noonOf(date)).map(p => [p.type, p.value]))
  return `${by.weekday} ${by.day} ${by.month}`
}

/** "Tuesday". */
export function weekdayText(date: LocalDate): string {
  weekday ??= new Intl.DateTimeFormat('en-US', WEEKDAY)
  return weekday.format(noonOf(date))
}
