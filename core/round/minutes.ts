import type { Stop } from './stop'
import { kindOf } from './stopKinds'

export const minutesOf = (stop: Stop): number => kindOf(stop).minutes(stop)

export const roundMinutes = (stops: readonly Stop[]): number =>
  Math.round(stops.reduce((m, s) => m + minutesOf(s), 0) * 4) / 4

/** A round is no longer than one keeps in mind: so many minutes for each stop of it, before what may wait moves on. */
const MINUTES_A_STOP = 2.5

/** Stops that a round of so many minutes may have before what may wait moves on. */
export const mostStops = (budget: number): number =>
  Math.max(4, Math.floor(budget / MINUTES_A_STOP))
