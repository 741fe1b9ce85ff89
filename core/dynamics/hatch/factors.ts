import { interpolate } from '../../math/interpolate'
import type { Grams, GramsPerLitre, Litres } from '../../units/quantity'
import { HATCH, HATCH_FACTORS, LIGHT_FACTOR } from './parameters'

/** What the bottle is like, as far as it decides how many of the lot's good cysts hatch. */
export interface HatchConditions {
  vesselL: Litres
  cystsG: Grams
  saltGL: GramsPerLitre
  pH: number
  lit: boolean
}

export interface HatchFactors {
  salinity: number
  pH: number
  density: number
  light: number
  temperature: number
}

const isLarge = (vesselL: number) => vesselL >= HATCH.largeFromL

/** Cysts per litre up to which all of them have room, g/L. */
export const fullDensity = (vesselL: number) =>
  isLarge(vesselL) ? HATCH.fullDensityLargeGL : HATCH.fullDensityGL

/** Factor of crowding of so many grams of cysts in a vessel. */
export const densityFactor = (cystsG: number, vesselL: number) =>
  interpolate(
    isLarge(vesselL) ? HATCH_FACTORS.density : HATCH_FACTORS.densitySmall,
    cystsG / vesselL,
  )

/** Factor of a temperature in degC, before averaging over time. */
export const temperatureFactor = (c: number) => interpolate(HATCH_FACTORS.temperature, c)

/** All factors on the lot's hatch; the temperature factor is the time mean computed by the curve. */
export function hatchFactors(
  conditions: HatchConditions,
  meanTemperatureFactor: number,
): HatchFactors {
  return {
    salinity: interpolate(HATCH_FACTORS.salinity, conditions.saltGL),
    pH: interpolate(HATCH_FACTORS.pH, conditions.pH),
    density: densityFactor(conditions.cystsG, conditions.vesselL),
    light: conditions.lit ? LIGHT_FACTOR.lit : LIGHT_FACTOR.dark,
    temperature: meanTemperatureFactor,
  }
}

export const productOfFactors = (f: HatchFactors) =>
  f.salinity * f.pH * f.density * f.light * f.temperature
