import { growthBehind, growthDays, lengthAfter } from './growth'
import { dryMg, DRY_KNOTS_MM, MASS_TURNS_MM, shapeAt, TURNS_OVER } from './mass'
import { interpolate, type Knot } from '../math/interpolate'
import type { Species } from './species/species'

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

/** Most of what is eaten that becomes fish, dry for dry (larvae 0.25 to 0.35, Houde 1989; the best 0.4). */
export const GROSS_EFFICIENCY = 0.4

/** Lengths at which mass or shape begin to grow more slowly: what was eaten just below them is not eaten less above. */
function turns({ adultMm, shapeFromMm, shapeToMm }: Species): number[] {
  const shaped = [shapeFromMm, shapeToMm * (1 + TURNS_OVER)]
  // Of a Gompertz course in length, mass grows fastest at this share of the grown length.
  return [...DRY_KNOTS_MM, MASS_TURNS_MM, adultMm * Math.exp(-1 / 3.1), ...shaped]
}

/** Dry mass a fish puts on in the day that ends at a length, mg. */
function grownInDayMg(
  species: Species,
  endMm: number,
  temperatureC: number,
  growthFactor: number,
): number {
  const bodyMg = (length: number) => dryMg(length, species.firstFeedingMm, shapeAt(species, length))
  const end = growthBehind(species, endMm, growthFactor)
  const before = Math.max(0, end - growthDays(species, temperatureC))
  return bodyMg(endMm) - bodyMg(lengthAfter(species, before, growthFactor))
}

/**
 * Dry food one fry eats in a day, mg: by the table, or what its growth asks for where that is more.
 * @param at its length and the growth behind it in days at the reference temperature
 */
export function dailyRationMg(
  species: Species,
  { lengthMm, temperatureC, grown }: { lengthMm: number; temperatureC: number; grown: number },
  growthFactor = 1,
): number {
  const body = dryMg(lengthMm, species.firstFeedingMm, shapeAt(species, lengthMm))
  const next = lengthAfter(species, grown + growthDays(species, temperatureC), growthFactor)
  const ends = turns(species).filter(mm => mm > species.firstFeedingMm && mm < next)
  const growth = [next, ...ends].map(mm => grownInDayMg(species, mm, temperatureC, growthFactor))
  return Math.max(
    body * rationEaten(lengthMm, temperatureC),
    Math.max(...growth) / GROSS_EFFICIENCY,
  )
}

/** Meals a day that fry of a length want: many small ones while they are small. */
export function mealsWanted(lengthMm: number): number {
  if (lengthMm < 7) return 5
  if (lengthMm < 10) return 4
  return lengthMm < 20 ? 3 : 2
}
