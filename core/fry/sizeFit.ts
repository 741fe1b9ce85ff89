import { interpolate } from '../math/interpolate'

/** Smallest fit at which a food is worth offering. */
export const FIT_ENOUGH = 0.3

/**
 * How well a prey of a critical width fits a mouth, 0 to 1: x = width / gape;
 * 0 below 0.02, 1 from 0.15 to 0.50, 0 from 0.75 (Shirota 1970 and prey-size studies).
 */
export function sizeFit(preyUm: number, gapeUm: number): number {
  return interpolate(
    [
      [0.02, 0],
      [0.15, 1],
      [0.5, 1],
      [0.75, 0],
    ],
    preyUm / gapeUm,
  )
}
