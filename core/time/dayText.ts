import type { LocalDate } from './localDate'

const parts = new Intl.DateTimeFormat('en-US', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
})
const weekday = new Intl.DateTimeFormat('en-US', { weekday: 'long', timeZone: 'UTC' })
/** Calendar dates are shown as they stand: noon in UTC is that day. */
const noonOf = (date: LocalDate) => new Date(`${date}T12:00:00Z`)

/** "Tue 24 Mar": a day as people say it, the same everywhere. */
export function dayText(date: LocalDate): string {
  const by = Object.fromEntries(parts.formatToParts(noonOf(date)).map(p => [p.type, p.value]))
  return `${by.weekday} ${by.day} ${by.month}`
}

/** "Tuesday". */
export const weekdayText = (date: LocalDate) => weekday.format(noonOf(date))
