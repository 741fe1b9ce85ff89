import { bracket } from '../math/bracket'

/** Share of a brood alive per day: 0.97 to day 7, 0.985 to day 21, 0.997 after. */
const dailySurvival = (day: number) => bracket(day, YOUNG, 0.997)
const YOUNG = [
  [7, 0.97],
  [21, 0.985],
] as const

/** Number of fry expected `toDay` days after free swimming, from a number true on `fromDay`. Eggs are not counted down. */
export function fryAlive(fry: number, fromDay: number, toDay: number): number {
  let alive = fry
  for (let day = Math.max(0, fromDay); day < toDay; day++) alive *= dailySurvival(day)
  return alive
}
