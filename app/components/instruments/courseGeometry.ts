import type { Reading } from '@renatus/core/instruments/reading'

/** A course is drawn 640 by 220; names of the axes stand outside of the lines. */
export const COURSE_BOX = { width: 640, height: 220, left: 44, right: 630, top: 12, bottom: 190 }
const MARGIN_C = 1

/** Lines of a course between its limits, with ticks on both axes. */
export function courseGeometry(
  readings: readonly Reading[],
  limits: readonly number[],
  clock: (at: string) => string,
) {
  const at = readings.map(r => Date.parse(r.at))
  const from = at[0] ?? 0
  const to = Math.max(at.at(-1) ?? 1, from + 60_000)
  const c = [...readings.map(r => r.c), ...limits]
  const low = Math.floor(Math.min(...c) - MARGIN_C)
  const high = Math.ceil(Math.max(...c) + MARGIN_C)
  const { left, right, top, bottom } = COURSE_BOX
  const x = (ms: number) => left + ((ms - from) / (to - from)) * (right - left)
  const y = (value: number) => bottom - ((value - low) / (high - low)) * (bottom - top)
  const step = Math.max(1, Math.round((high - low) / 5))
  const ticks: { y: number; text: string }[] = []
  for (let t = low; t <= high; t += step) ticks.push({ y: y(t), text: String(t) })
  return {
    line: readings.map((r, i) => `${x(at[i]!).toFixed(1)},${y(r.c).toFixed(1)}`).join(' '),
    limits: [...new Set(limits)].map(value => ({ y: y(value), text: `${value} °C` })),
    ticks,
    hours: [from, (from + to) / 2, to].map((ms, i) => ({
      x: x(ms),
      text: clock(new Date(ms).toISOString()),
      anchor: (['start', 'middle', 'end'] as const)[i]!,
    })),
  }
}
