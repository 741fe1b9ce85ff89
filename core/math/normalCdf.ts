import { errorFunction } from 'simple-statistics'

/**
 * Standard normal cumulative distribution. Absolute error below 1e-6
 * (the package's own table look-up rounds z to two digits, so its error function is used instead).
 */
export function normalCdf(z: number): number {
  if (z < -8) return 0
  if (z > 8) return 1
  return 0.5 * (1 + errorFunction(z / Math.SQRT2))
}
