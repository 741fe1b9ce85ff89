import type { LocalDate } from './localDate'
import type { RoundTime } from './rounds'
import { weekdayOf } from './weekday'

/** Minutes that there are for a round where the room says nothing. */
const USUAL_MIN = 30
const FEEDING_ONLY_MIN = 10

type Budgeted = Pick<RoundTime, 'feedingOnly' | 'minutes' | 'minutesByDay'>

/** Minutes of a round on a day for which nothing else is said. */
export const usualBudget = (round: Budgeted | undefined): number =>
  round?.minutes ?? (round?.feedingOnly ? FEEDING_ONLY_MIN : USUAL_MIN)

/** Minutes that a round of the room may take on a date. */
export const budgetOf = (round: Budgeted | undefined, date: LocalDate): number =>
  round?.minutesByDay?.[weekdayOf(date)] ?? usualBudget(round)
