/** A bottle of bleach as its label has it. */
export interface Bleach {
  percent: number
  as: 'available-chlorine' | 'sodium-hypochlorite'
  by: 'mass' | 'volume'
  /** g/mL; where it is not printed it is worked out from the strength. */
  densityGPerMl?: number
  /** Weeks since it was opened, at room temperature. */
  weeksOpen: number
}

/** Available chlorine of a gram of sodium hypochlorite, g (molar masses 70.91 and 74.44). */
const CHLORINE_OF_HYPOCHLORITE = 0.9525
/** Density of a solution of so many percent: 1 + this times the percent, g/mL (working estimate). */
const DENSITY_PER_PERCENT = 0.0145
/** Plain household bleach of 8.25 % that takes the shells off: mL for a gram of chlorine. */
export const BLEACH_ML_PER_G_CHLORINE = 1 / 0.088
/** Strength lost in a week by a bottle of 5.25 %; in proportion to its strength (working estimate). */
const LOSS_A_WEEK = 0.0093
const LOSS_AT_PERCENT = 5.25

/** Available chlorine of a mL of this bottle today, g. */
export function chlorinePerMl({ percent, as, by, densityGPerMl, weeksOpen }: Bleach): number {
  const density = by === 'volume' ? 1 : (densityGPerMl ?? 1 + DENSITY_PER_PERCENT * percent)
  const chlorine = as === 'sodium-hypochlorite' ? CHLORINE_OF_HYPOCHLORITE : 1
  const fresh = (percent / 100) * chlorine * density
  return fresh * Math.exp(-LOSS_A_WEEK * (percent / LOSS_AT_PERCENT) * weeksOpen)
}
