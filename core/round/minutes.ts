import type { RoundTime } from '../time/rounds'
import type { Stop } from './stop'
import { kindOf } from './stopKinds'

/** Minutes that there are for a round where the room says nothing. */
const USUAL_MIN = 30
const FEEDING_ONLY_MIN = 10

export const minutesOf = (stop: Stop): number => kindOf(stop).minutes(stop)

export const roundMinutes = (stops: readonly Stop[]): number =>
  Math.round(stops.reduce((m, s) => m + minutesOf(s), 0) * 4) / 4

/** A round is no longer than one keeps in mind: so many minutes for each stop of it, before what may wait moves on. */
const MINUTES_A_STOP = 2.5

/** Stops that a round of so many minutes may have before what may wait moves on. */
export const mostStops = (budget: number): number =>
  Math.max(4, Math.floor(budget / MINUTES_A_STOP))

/** Minutes that a round of the room may take. */
export const budgetOf = (round: Pick<RoundTime, 'feedingOnly' | 'minutes'> | undefined): number =>
  round?.minutes ?? (round?.feedingOnly ? FEEDING_ONLY_MIN : USUAL_MIN)
