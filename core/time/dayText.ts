import { format } from 'date-fns'
import type { LocalDate } from './localDate'

/** "Tue 24 Mar": a day as people say it, the same everywhere. */
const noonOf = (date: LocalDate) => new Date(`${date}T12:00:00`)

export const dayText = (date: LocalDate) => format(noonOf(date), 'EEE d MMM')

/** "Tuesday". */
export const weekdayText = (date: LocalDate) => format(noonOf(date), 'EEEE')
