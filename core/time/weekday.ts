import type { LocalDate } from './localDate'

export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const

/** Day of the week of a date, 0 for Monday to 6 for Sunday. */
export const weekdayOf = (date: LocalDate): number =>
  (new Date(`${date}T12:00:00Z`).getUTCDay() + 6) % 7
