import { interpolate, type Knot } from '../math/interpolate'
import type { Species } from './species/species'

/** Wet mass of a fish of a total length, mg; `shape` is for tall or slender bodies. */
export function wetMg(lengthMm: number, shape = 1): number {
  return shape * (lengthMm < 9.8 ? 0.0024 * lengthMm ** 3.6 : 0.0075 * lengthMm ** 3.1)
}

/** Shape factor of a species at a length: some bodies are tall only later, some slender only at first. */
export const shapeAt = (
  species: Pick<Species, 'shape' | 'shapeFromMm' | 'shapeToMm'>,
  lengthMm: number,
) => (lengthMm >= species.shapeFromMm && lengthMm <= species.shapeToMm ? species.shape : 1)

const AFTER_FIRST_FEEDING: readonly Knot[] = [
  [8, 0.16],
  [15, 0.2],
  [25, 0.23],
]

/** Dry share of wet mass: 13 % at first feeding, 16 % at 8 mm, 20 % at 15 mm, 23 % from 25 mm. */
export function dryShare(lengthMm: number, firstFeedingMm: number): number {
  const knots: Knot[] =
    firstFeedingMm < 8 ? [[firstFeedingMm, 0.13], ...AFTER_FIRST_FEEDING] : [...AFTER_FIRST_FEEDING]
  return interpolate(knots, lengthMm)
}

export const dryMg = (lengthMm: number, firstFeedingMm: number, shape = 1) =>
  wetMg(lengthMm, shape) * dryShare(lengthMm, firstFeedingMm)
