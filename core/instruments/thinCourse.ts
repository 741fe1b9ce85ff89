import { toMs } from '../time/localDate'
import type { Reading } from './reading'

/** A course that is kept is nowhere further off than this, °C: no model feels less. */
const OFF_C = 0.15

/** How far a reading is off the line between two others. */
function offLine(r: Reading, a: Reading, b: Reading): number {
  const share = (toMs(r.at) - toMs(a.at)) / (toMs(b.at) - toMs(a.at))
  return Math.abs(r.c - (a.c + share * (b.c - a.c)))
}

/**
 * The fewest readings of a course from which the others follow by straight lines (Ramer 1972, Douglas & Peucker 1973).
 * @param most more than these are not kept: the line may then be further off
 */
export function thinCourse(readings: readonly Reading[], most = 2000): Reading[] {
  let off = OFF_C
  let kept = thinnedTo(readings, off)
  while (kept.length > most) kept = thinnedTo(kept, (off *= 2))
  return kept
}

function thinnedTo(readings: readonly Reading[], off: number): Reading[] {
  if (readings.length < 3) return [...readings]
  const keep = new Set([0, readings.length - 1])
  const spans: [number, number][] = [[0, readings.length - 1]]
  for (let span = spans.pop(); span; span = spans.pop()) {
    const [from, to] = span
    let worst = { i: -1, off }
    for (let i = from + 1; i < to; i++) {
      const d = offLine(readings[i]!, readings[from]!, readings[to]!)
      if (d > worst.off) worst = { i, off: d }
    }
    if (worst.i < 0) continue
    keep.add(worst.i)
    spans.push([from, worst.i], [worst.i, to])
  }
  return readings.filter((_, i) => keep.has(i))
}
