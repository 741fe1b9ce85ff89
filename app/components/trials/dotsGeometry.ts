import type { ArmResult } from '@renatus/core/trials/arms'

/** Drawn in units of the box; it grows with its width. */
export const DOTS = { width: 480, left: 124, right: 464, top: 10, row: 44, axis: 34 } as const

interface DotRow {
  id: string
  name: string
  y: number
  x: number
  from: number
  to: number
  /** What single vessels said. */
  dots: { x: number; y: number }[]
}
export interface Dots {
  height: number
  rows: DotRow[]
  ticks: { x: number; value: number }[]
}

const TICKS = 4
const STEPS = [1, 2, 2.5, 5, 10]
const JITTER = 5
/** A round step that cuts a span into few parts. */
function stepOf(span: number): number {
  const raw = span / TICKS
  const ten = 10 ** Math.floor(Math.log10(raw))
  return ten * STEPS.find(s => s * ten >= raw)!
}

/**
 * Means of arms with their 80 % intervals, and the vessels of each, on one axis.
 * @param values of each arm's vessels
 */
export function dotsGeometry(
  arms: readonly (ArmResult & { name: string })[],
  values: ReadonlyMap<string, readonly number[]>,
): Dots {
  const all = arms.flatMap(a => [a.p10, a.p90, ...(values.get(a.id) ?? [])])
  const [low, high] = [Math.min(...all), Math.max(...all)]
  const step = stepOf(Math.max(high - low, high * 0.01, 1e-9))
  const from = Math.floor(low / step) * step
  const to = Math.ceil(high / step) * step
  const { left, right, top, row, axis } = DOTS
  const x = (value: number) => left + ((value - from) / (to - from)) * (right - left)
  return {
    height: top + arms.length * row + axis,
    rows: arms.map((a, i) => {
      const y = top + (i + 0.5) * row
      return {
        id: a.id,
        name: a.name,
        y,
        x: x(a.mean),
        from: x(a.p10),
        to: x(a.p90),
        dots: (values.get(a.id) ?? []).map((value, n) => ({
          x: x(value),
          y: y + (n % 2 === 0 ? -JITTER : JITTER) * 2,
        })),
      }
    }),
    ticks: Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => {
      const value = from + i * step
      return { x: x(value), value }
    }),
  }
}
