import { robustLine } from '../math/robustLine'

/** A course is read off the last so many minutes. */
export const TREND_MIN = 20
/** Fewer minutes or readings than these say nothing of a course. */
const LEAST = { minutes: 6, readings: 4 } as const
/** More readings than these make a line no better, and cost their square. */
const MOST_READINGS = 14
/** A slope counts for what it is beyond so many of its standard errors: a probe that trembles tells no course. */
const SURE = 3
/** The least that a reading scatters, °C; a probe of coarse steps scatters by half of one. */
const LEAST_SD_C = 0.05

/** A reading by the clock, minutes. */
export interface TimedReading {
  min: number
  c: number
}

/** The step of a probe: the smallest difference of two of its readings. */
function stepOf(readings: readonly TimedReading[]): number {
  const values = [...new Set(readings.map(r => r.c))].sort((a, b) => a - b)
  const steps = values.slice(1).map((c, i) => c - values[i]!)
  return steps.length > 0 ? Math.min(...steps) : 0
}

function thinned(readings: readonly TimedReading[]): readonly TimedReading[] {
  const every = Math.ceil(readings.length / MOST_READINGS)
  return every === 1 ? readings : readings.filter((_, i) => (readings.length - 1 - i) % every === 0)
}

/** How a course goes, degrees an hour: as it looks, and how much of that is sure. */
export interface Trend {
  perHour: number
  surely: number
}

const NO_TREND: Trend = { perHour: 0, surely: 0 }

/**
 * The course of the last minutes; none while it says nothing.
 * @param readings in order of time; where they are sparse the last few count, however old
 */
export function trendOf(readings: readonly TimedReading[]): Trend {
  const now = readings.at(-1)?.min ?? 0
  const within = readings.filter(r => now - r.min <= TREND_MIN)
  const used = thinned(within.length >= LEAST.readings ? within : readings.slice(-LEAST.readings))
  if (used.length < LEAST.readings || now - used[0]!.min < LEAST.minutes) return NO_TREND
  const line = robustLine(
    used.map(r => ({ x: r.min / 60, y: r.c })),
    Math.max(LEAST_SD_C, stepOf(used) / 2),
  )
  if (!line) return NO_TREND
  const sure = Math.max(0, Math.abs(line.slope) - SURE * line.slopeSe)
  return { perHour: line.slope, surely: Math.sign(line.slope) * sure }
}
