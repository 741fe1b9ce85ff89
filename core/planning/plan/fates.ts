import { daysBetween } from '../../time/localDate'
import type { BuiltProblem } from './buildProblem'
import type { Learned } from '../../stock/learned'
import type { Doubt, Fates } from './futures'
import type { PlanRequest } from './request'
import { sdOfLogs } from './startables'

/** Log spread within which eight of ten lie between two numbers. */
const logSdOf = (p10: number, p90: number) =>
  p10 > 0 && p90 > p10 ? Math.min(1.2, Math.log(p90 / p10) / 2.5631) : 0.3

/** What the whole room may be off by before it has taught anything, log spreads; a degree either way is in the pace (working estimates). */
export const DOUBT: Doubt = { pace: 0.2, failures: 0.4, appetite: 0.2 }
/** So many vessels learned from tell as much as is believed beforehand. */
const AS_MUCH_AS = 6

/** What the room has taught narrows what is open of it; appetites it cannot see. */
function doubtOf({ foods }: Learned): Doubt {
  const vessels = (of: 'growth' | 'failure') =>
    Object.values(foods).reduce((n, f) => n + (f[of]?.from ?? 0), 0)
  const left = (n: number) => 1 / Math.sqrt(1 + n / AS_MUCH_AS)
  return {
    pace: DOUBT.pace * left(vessels('growth')),
    failures: DOUBT.failures * left(vessels('failure')),
    appetite: DOUBT.appetite,
  }
}

/**
 * What days to ready are spread by beyond what courses spread by themselves and what a whole room may be off by:
 * the book's spread is over rooms, so the pace of this one is a part of it and is drawn once.
 */
const lagLogSd = (ready: number, courses: number) =>
  Math.sqrt(Math.max(0, ready ** 2 - courses ** 2 - DOUBT.pace ** 2))

/** What may befall what runs, what is started, and the days of the broods. */
export function fatesOf(r: PlanRequest, { starts, problem }: BuiltProblem, days: number): Fates {
  return {
    running: Object.fromEntries(
      problem.running.map(({ id }) => {
        const ahead = r.readings.get(id)!.ahead!
        const at = (d: number) => ahead.days[Math.min(d, ahead.days.length - 1)]!
        const { p10, p90 } = at(3).gives
        return [
          id,
          { lost: Array.from({ length: days }, (_, d) => at(d).lost), logSd: logSdOf(p10, p90) },
        ]
      }),
    ),
    starts: Object.fromEntries(
      starts.map(s => [
        s.id,
        {
          reliability: s.reliability,
          courses: s.courses.gives,
          waits: s.leadDays,
          lagLogSd: lagLogSd(s.reliability.readyLogSd, sdOfLogs(s.courses.readyDays)),
        },
      ]),
    ),
    doubt: doubtOf(r.state.learned),
    broods: Object.fromEntries(
      r.state.broods.map(b => [
        b.id,
        b.dates.free.seen || daysBetween(r.from, b.freeOn) <= 0
          ? 0
          : b.dates.free.spreadDays / 1.2816,
      ]),
    ),
  }
}

/** Bands of what the running cultures give, for the eye. */
export function bandsOf(
  r: PlanRequest,
  days: number,
): Record<string, { p10: number[]; p50: number[]; p90: number[] }> {
  return Object.fromEntries(
    [...r.readings].flatMap(([id, { ahead }]) => {
      if (!ahead) return []
      const of = (k: 'p10' | 'p50' | 'p90') =>
        Array.from(
          { length: days },
          (_, d) => ahead.days[Math.min(d, ahead.days.length - 1)]!.gives[k],
        )
      return [[id, { p10: of('p10'), p50: of('p50'), p90: of('p90') }]]
    }),
  )
}
