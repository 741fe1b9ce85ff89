import { interpolate, type Knot } from '../math/interpolate'
import type { Species } from './species/species'

/** Here the two curves of mass meet, mm. */
export const MASS_TURNS_MM = 9.8

/** Wet mass of a fish of a total length, mg; `shape` is for tall or slender bodies. */
export function wetMg(lengthMm: number, shape = 1): number {
  return shape * (lengthMm < MASS_TURNS_MM ? 0.0024 * lengthMm ** 3.6 : 0.0075 * lengthMm ** 3.1)
}

/** A body takes on its shape over the two fifths of length before, and loses it over the two fifths after. */
export const TURNS_OVER = 0.45

/** Shape factor of a species at a length: some bodies are tall only later, some slender only at first. */
export function shapeAt(
  { shape, shapeFromMm, shapeToMm }: Pick<Species, 'shape' | 'shapeFromMm' | 'shapeToMm'>,
  lengthMm: number,
): number {
  if (shape === 1) return 1
  const turned = (lo: number, hi: number) => {
    if (hi === 0) return 1
    return Number.isFinite(hi) ? Math.min(1, Math.max(0, (lengthMm - lo) / (hi - lo))) : 0
  }
  const taken = turned(shapeFromMm * (1 - TURNS_OVER), shapeFromMm)
  const lost = turned(shapeToMm, shapeToMm * (1 + TURNS_OVER))
  return shape ** (taken - lost)
}

const AFTER_FIRST_FEEDING: readonly Knot[] = [
  [8, 0.16],
  [15, 0.2],
  [25, 0.23],
]

/** Lengths at which the dry share rises more slowly from then on, mm. */
export const DRY_KNOTS_MM = AFTER_FIRST_FEEDING.map(([mm]) => mm)

/** Dry share of wet mass: 13 % at first feeding, 16 % at 8 mm, 20 % at 15 mm, 23 % from 25 mm. */
export function dryShare(lengthMm: number, firstFeedingMm: number): number {
  const knots: Knot[] =
    firstFeedingMm < 8 ? [[firstFeedingMm, 0.13], ...AFTER_FIRST_FEEDING] : [...AFTER_FIRST_FEEDING]
  return interpolate(knots, lengthMm)
}

export const dryMg = (lengthMm: number, firstFeedingMm: number, shape = 1) =>
  wetMg(lengthMm, shape) * dryShare(lengthMm, firstFeedingMm)
