/** A point of a piecewise linear curve. */
export type Knot = readonly [x: number, y: number]

/**
 * Piecewise linear interpolation through knots sorted by x; beyond the ends the end value holds.
 * @example interpolate([[0, 0], [10, 1]], 5) // 0.5
 */
export function interpolate(knots: readonly Knot[], x: number): number {
  const first = knots[0]
  const last = knots[knots.length - 1]
  if (!first || !last) throw new Error('interpolate needs at least one knot')
  if (x <= first[0]) return first[1]
  if (x >= last[0]) return last[1]
  let i = 1
  while (knots[i]![0] < x) i++
  const [x0, y0] = knots[i - 1]!
  const [x1, y1] = knots[i]!
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0)
}
