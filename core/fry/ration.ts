import { interpolate, type Knot } from '../math/interpolate'

/** Dry food eaten per dry body and day at 26 C against length in mm (Houde 1989 energetics, Bryant & Matty 1980, working estimates). */
export const RATION_KNOTS: readonly Knot[] = [
  [3, 0.8],
  [4, 0.7],
  [5, 0.6],
  [7, 0.5],
  [10, 0.35],
  [15, 0.2],
  [20, 0.14],
  [30, 0.08],
]
export const RATION_Q10 = 2.3
const LOG_KNOTS: readonly Knot[] = RATION_KNOTS.map(([mm, share]) => [
  Math.log(mm),
  Math.log(share),
])

/** Share of its dry body a fry eats per day; log-log between the knots, flat outside, Q10 2.3 up to 28 C. */
export function rationEaten(lengthMm: number, temperatureC: number): number {
  return (
    Math.exp(interpolate(LOG_KNOTS, Math.log(lengthMm))) *
    RATION_Q10 ** ((Math.min(temperatureC, 28) - 26) / 10)
  )
}

/** Meals a day that fry of a length want: many small ones while they are small. */
export function mealsWanted(lengthMm: number): number {
  if (lengthMm < 7) return 5
  if (lengthMm < 10) return 4
  return lengthMm < 20 ? 3 : 2
}
