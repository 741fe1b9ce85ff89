import { HATCH } from './parameters'

/** Rate at which an unfed nauplius loses energy, 1/h, at a temperature in degC (Benijts et al. 1976, Q10 2.2). */
export function energyLoss(temperatureC: number): number {
  return HATCH.energyLossPerHour * HATCH.energyQ10 ** ((temperatureC - HATCH.energyReferenceC) / 10)
}

/** Share of its energy a nauplius keeps after some hours at a temperature. */
export function energyLeft(temperatureC: number, hours: number): number {
  return Math.exp(-energyLoss(temperatureC) * Math.max(0, hours))
}
