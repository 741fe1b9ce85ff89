import { toInstant, toMs } from '../time/localDate'
import type { Reading } from './reading'

/** What grows over days feels the mean of so many hours, not each reading. */
const HOURS = 6
const SPAN_MS = HOURS * 3_600_000

/**
 * Means of a course over spans of six hours: each holds from its instant on. Straight lines join the readings, so that a course
 * of few points weighs as one of many. The last reading ends it.
 */
export function meansOf(points: readonly Reading[]): Reading[] {
  const ms = points.map(p => toMs(p.at))
  const first = ms[0] ?? 0
  const last = ms.at(-1) ?? 0
  const at = lineThrough(points, ms)
  const means: Reading[] = []
  for (let from = first; from <= last; from = nextSpan(from)) {
    const to = Math.min(last, nextSpan(from))
    const parts = 12
    let sum = 0
    for (let i = 0; i < parts; i++) sum += at(from + ((to - from) * (i + 0.5)) / parts)
    means.push({ at: toInstant(from), c: sum / parts })
    if (to === last) break
  }
  // What was read last holds from then on.
  if (last > first) means.push({ at: toInstant(last), c: points.at(-1)!.c })
  return means
}

const nextSpan = (ms: number) => (Math.floor(ms / SPAN_MS) + 1) * SPAN_MS

/** Temperatures along a course; asked for in order of time. */
function lineThrough(points: readonly Reading[], ms: readonly number[]): (t: number) => number {
  let i = 0
  return t => {
    while (i + 1 < ms.length && ms[i + 1]! <= t) i++
    const a = points[i]!
    const b = points[i + 1]
    if (!b || ms[i + 1] === ms[i]) return a.c
    return a.c + ((b.c - a.c) * (t - ms[i]!)) / (ms[i + 1]! - ms[i]!)
  }
}
