import { tzOffset } from '@date-fns/tz/tzOffset'

/** Offsets of zones change on quarters of an hour only. */
const QUARTER_MS = 900_000
const KEPT = 65_536
const known = new Map<string, Map<number, number>>()

/**
 * How far a zone is ahead of UTC at an instant, ms. Asked for thousands of instants: each quarter of an hour is worked out once.
 * @param ms instant, ms since 1970
 */
export function zoneOffset(ms: number, timeZone: string): number {
  const quarter = Math.floor(ms / QUARTER_MS)
  let of = known.get(timeZone)
  if (!of) known.set(timeZone, (of = new Map()))
  const found = of.get(quarter)
  if (found !== undefined) return found
  if (of.size >= KEPT) of.clear()
  const offset = tzOffset(timeZone, new Date(quarter * QUARTER_MS)) * 60_000
  of.set(quarter, offset)
  return offset
}

/** What a clock on the wall of a zone shows, as if it were UTC: ISO 8601. Hangs on no zone of the device. */
export const wallClock = (ms: number, timeZone: string): string =>
  new Date(ms + zoneOffset(ms, timeZone)).toISOString()

const DAY_MS = 86_400_000

/**
 * The instant at which the clock on the wall shows a time. One that the spring change skips is moved on by the hour; one that
 * comes twice is the first.
 * @param wall the time shown, as if it were UTC, ms
 */
export function instantAt(wall: number, timeZone: string): number {
  const before = wall - zoneOffset(wall - DAY_MS, timeZone)
  const after = wall - zoneOffset(wall + DAY_MS, timeZone)
  const shows = [before, after].filter(ms => ms + zoneOffset(ms, timeZone) === wall)
  return shows.length > 0 ? Math.min(...shows) : before
}
