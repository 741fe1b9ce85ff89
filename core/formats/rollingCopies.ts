import { toMs, type Instant } from '../time/localDate'

const HOUR_MS = 3_600_000
/** How far back copies of each step reach, and how many there are: a day of hours, two weeks, two months, years. */
export const COPY_STEPS = [
  { name: 'hour', ms: HOUR_MS, keep: 24 },
  { name: 'day', ms: 24 * HOUR_MS, keep: 14 },
  { name: 'week', ms: 7 * 24 * HOUR_MS, keep: 9 },
  { name: 'month', ms: 30 * 24 * HOUR_MS, keep: 24 },
] as const

/** The newest copy of each of the latest periods of one length. */
function newestOf(at: readonly number[], ms: number, keep: number): number[] {
  const newest = new Map<number, number>()
  for (const t of at) {
    const period = Math.floor(t / ms)
    newest.set(period, Math.max(newest.get(period) ?? 0, t))
  }
  return [...newest.entries()]
    .sort(([a], [b]) => b - a)
    .slice(0, keep)
    .map(([, t]) => t)
}

/** Which of the copies that stand are kept: the newest of each hour, day, week and month, and the newest of all. */
export function rollingCopies(copies: readonly Instant[]): Set<Instant> {
  const byMs = new Map(copies.map(c => [toMs(c), c]))
  const at = [...byMs.keys()]
  const kept = COPY_STEPS.flatMap(step => newestOf(at, step.ms, step.keep))
  return new Set(kept.map(t => byMs.get(t)!))
}

/** Whether a copy is to be made: an hour has passed since the newest, or the clock was set back beyond it. */
export function copyIsDue(copies: readonly Instant[], now: Instant): boolean {
  const newest = Math.max(0, ...copies.map(toMs))
  return Math.abs(toMs(now) - newest) >= HOUR_MS
}
