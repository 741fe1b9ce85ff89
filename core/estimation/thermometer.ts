import type { Observation } from './observation'
import type { Subject } from './subject'

/** How far a vessel is from its room's thermometer, and from one held into it, degC (working estimates). */
export const ROOM_THERMOMETER_SD_C = 1
export const OWN_THERMOMETER_SD_C = 0.5

/** Means of the fifths of a standard normal. */
const FIFTHS = [-1.4, -0.532, 0, 0.532, 1.4] as const

/**
 * Degrees by which the courses of a vessel are warmer than its thermometer says: a few values, each shared by courses that
 * follow one another, so that what hangs on the temperature alone is worked out once for all of them.
 * @param n of how many courses the course number `at` is one
 */
export const warmerBy = (at: number, n: number, sdC: number): number =>
  sdC * FIFTHS[Math.floor((at * FIFTHS.length) / n)]!

/** How far the vessel may be from its thermometer. What the vessels of a room have in common is looked for without. */
export function thermometerSdC(subject: Subject, list: readonly Observation[]): number {
  if (subject.mishaps === false) return 0
  return list.some(o => o.kind === 'temperature') ? OWN_THERMOMETER_SD_C : ROOM_THERMOMETER_SD_C
}
