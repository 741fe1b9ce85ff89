import { areaCm2, type Setup } from '../contract'

export interface LogisticState {
  /** Population against capacity. */
  x: number
  /** Quality of the medium, 0 to 1. */
  q: number
  ageD: number
  /** Growth still asleep, in days at the reference temperature. */
  lagLeft: number
  /** Highest x so far. */
  peak: number
  /** Turns bad at this age; Infinity in a vessel that stays clean. */
  badAtD: number
  crashed: boolean
  /** Animals taken so far, in units of capacity. */
  taken: number
  setup: Setup
  /** Units of capacity the vessel has: cm2 or mL. */
  units: number
}

export const unitsOf = (setup: Setup, perArea: number) =>
  perArea > 0.5 ? areaCm2(setup) : setup.volumeL * 1000
