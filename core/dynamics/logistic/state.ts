import { lastAnswers } from '../../math/lastAnswers'
import { areaCm2, type Setup } from '../contract'
import type { LogisticParams } from './parameters'

/**
 * What hangs on parameters and temperature alone, rates in 1/d: most steps of a course have the temperature of the one before.
 */
export interface Felt {
  /** Temperature it was worked out for, degC. */
  atC: number
  /** Growth of a thin population, and of one that was roused. */
  growth: number
  roused: number
  /** Time against growth at the reference temperature in free air, d. */
  waking: number
  death: number
  /** Ageing of the medium. */
  ageing: number
  readyAt: number
  crashPerWeek: number
  /** Quality of the medium below which nothing grows. */
  feedsFrom: number
  /** Too hot to grow. */
  hot: boolean
  /** Length of a whole step, d, that the three below are for; NaN until one is stepped. */
  days: number
  /** exp(-growth days), and the same for a population that was roused. */
  fall: number
  fallRoused: number
  /** Share of the living that is left where nothing grows. */
  fade: number
}

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
  /** What the surface lets live, against the surface for which the numbers hold. */
  air: number
  /** Days that it stays roused. */
  rousedD: number
  /** What its temperature means to it; null until a step asks, and after a change of air. */
  felt: Felt | null
}

/** Field by field: an engine steps what it sees written out twice as fast as what was spread. */
export const copy = (s: LogisticState): LogisticState => ({
  x: s.x,
  q: s.q,
  ageD: s.ageD,
  lagLeft: s.lagLeft,
  peak: s.peak,
  badAtD: s.badAtD,
  crashed: s.crashed,
  taken: s.taken,
  setup: s.setup,
  units: s.units,
  air: s.air,
  rousedD: s.rousedD,
  // A copy may be given other parameters: it feels anew.
  felt: null,
})

/** A surface below the usual one starves, a larger one helps less and less (working estimates). */
const STARVES = 0.55
const HELPS = 0.3
const MOST_AIR = 1.5

/**
 * What a surface lets live against the one for which the numbers hold; 1 where it does not matter.
 * @param surfaceCm2 of the liquid @param usual cm2 per L, 0 where it does not matter
 */
export function airOf(surfaceCm2: number, volumeL: number, usual: number): number {
  if (usual <= 0) return 1
  const against = surfaceCm2 / volumeL / usual
  return Math.min(MOST_AIR, against ** (against < 1 ? STARVES : HELPS))
}

/** The liquid of a round vessel: as wide as the vessel is where it stands. */
export const liquidSurfaceCm2 = (widthCm: number) => (Math.PI / 4) * widthCm ** 2

export const unitsOf = (setup: Setup, perArea: number) =>
  perArea > 0.5 ? areaCm2(setup) : setup.volumeL * 1000

/** Air that is short slows growth less than it bounds the number. */
const AIR_ON_GROWTH = 0.3
/** The same for all courses of a vessel, and 1 in most. */
const airOnGrowthOf = lastAnswers(air => air ** AIR_ON_GROWTH)
const airOnGrowth = (air: number) => (air === 1 ? 1 : airOnGrowthOf(air))

/** Growth of a thin population that nothing roused, 1/d. @param warmth share of the best, by temperature */
export const calmGrowth = (s: LogisticState, p: LogisticParams, warmth: number): number =>
  p.rOpt * warmth * airOnGrowth(s.air)

/** Growth in the days after it was stirred, cut or given air. @param calm growth without it, 1/d */
export const rousedGrowth = (s: LogisticState, p: LogisticParams, calm: number): number =>
  s.rousedD > 0 ? calm * p.roused : calm
