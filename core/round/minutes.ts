import type { Stop } from './stop'
import { tellingOf } from './stopTellings'

/** Minutes of a stop in a room of some pace: reckoned for a practised person, and as long as it takes here. */
export const minutesOf = (stop: Stop, pace: number): number =>
  Math.round(tellingOf(stop).minutes(stop) * pace * 4) / 4

export const roundMinutes = (stops: readonly Stop[], pace: number): number =>
  stops.reduce((m, s) => m + minutesOf(s, pace), 0)

/** A round is no longer than one keeps in mind: so many minutes for each stop of it, before what may wait moves on. */
const MINUTES_A_STOP = 2.5

/** Stops that a round of so many minutes may have before what may wait moves on. */
export const mostStops = (budget: number): number =>
  Math.max(4, Math.floor(budget / MINUTES_A_STOP))
