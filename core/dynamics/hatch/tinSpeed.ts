import type { Celsius, Hours } from '../../units/quantity'
import { HATCH } from './parameters'

/** By the hours that a tin names, this share of all that will hatch has (a count is taken once hardly any more come). */
const BY_THEN = 1.645
/** Slower or faster than this no lot is. */
const SPEEDS = { least: 0.5, most: 2 } as const

/**
 * Speed of a lot against a usual one, by what its tin says: "90 % in 24 h at 28 C". Counts correct it.
 * @returns factor on degree-hours a hour, 1 for a usual lot; 24 h at 28 C is 0.98
 */
export function tinSpeed(hours: Hours, temperatureC: Celsius): number {
  const warmth = Math.min(temperatureC, HATCH.capTemperatureC) - HATCH.baseTemperatureC
  if (warmth <= 0) return SPEEDS.least
  const degreeHours = HATCH.medianDegreeHours * Math.exp(BY_THEN * HATCH.defaultSpread)
  return Math.min(SPEEDS.most, Math.max(SPEEDS.least, degreeHours / (warmth * hours)))
}
