import { significant } from '../math/significant'
import type { Species } from './species/species'

const clamp = (x: number, lo: number, hi: number) => Math.min(hi, Math.max(lo, x))

/** What growth needs of a fish. */
export type Growing = Pick<
  Species,
  'firstFeedingMm' | 'adultMm' | 'length14Mm' | 'length30Mm' | 'referenceC' | 'rangeC'
>

const rates = new WeakMap<Growing, number>()

/**
 * Gompertz rate from first-feeding length to adult length, 1/d at the reference temperature:
 * least squares on the rate through the lengths at day 14 and 30.
 */
export function growthRate(species: Growing): number {
  let rate = rates.get(species)
  if (rate === undefined) rates.set(species, (rate = fitRate(species)))
  return rate
}

function fitRate(species: Growing): number {
  const { firstFeedingMm: l0, adultMm } = species
  const span = Math.log(adultMm / l0)
  const length = (rate: number, day: number) => adultMm * Math.exp(-span * Math.exp(-rate * day))
  const misfit = (rate: number) =>
    (length(rate, 14) - species.length14Mm) ** 2 + (length(rate, 30) - species.length30Mm) ** 2
  // The misfit of one rate through two growing lengths has a single dip: golden section finds it.
  const phi = (Math.sqrt(5) - 1) / 2
  let lo = 1e-4
  let hi = 0.3
  while (hi - lo > 1e-7) {
    const a = hi - phi * (hi - lo)
    const b = lo + phi * (hi - lo)
    if (misfit(a) < misfit(b)) hi = b
    else lo = a
  }
  return significant((lo + hi) / 2, 6)
}

/** Growth of a day at a temperature, in days at the reference: 2^((T - Tref) / 10), T held inside the species' range, so that warmer is never slower. */
export const growthDays = (species: Growing, temperatureC: number) =>
  2 ** ((clamp(temperatureC, species.rangeC[0], species.rangeC[1]) - species.referenceC) / 10)

/** Length in mm after so many days' worth of growth at the reference temperature (Gompertz). Before free swimming it is the first-feeding length. */
export function lengthAfter(species: Growing, days: number, rateFactor = 1): number {
  const span = Math.log(species.adultMm / species.firstFeedingMm)
  return (
    species.adultMm *
    Math.exp(-span * Math.exp(-growthRate(species) * rateFactor * Math.max(0, days)))
  )
}

/** Length in mm some days after free swimming at one temperature. */
export const lengthMm = (species: Growing, days: number, temperatureC: number) =>
  lengthAfter(species, days * growthDays(species, temperatureC))

/** Growth behind a fish of a length, in days at the reference temperature: the way back of `lengthAfter`. Endless at its grown length. */
export function growthBehind(species: Growing, lengthMm: number, rateFactor = 1): number {
  const { firstFeedingMm, adultMm } = species
  if (lengthMm >= adultMm) return Infinity
  const left = Math.log(adultMm / lengthMm) / Math.log(adultMm / firstFeedingMm)
  return -Math.log(left) / (growthRate(species) * rateFactor)
}
