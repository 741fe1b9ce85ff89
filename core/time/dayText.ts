import { format } from 'date-fns'
import type { LocalDate } from './localDate'

/** "Tue 24 Mar": a day as people say it, the same everywhere. */
export const dayText = (date: LocalDate) => format(new Date(`${date}T12:00:00`), 'EEE d MMM')
