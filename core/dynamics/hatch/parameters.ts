import type { Knot } from '../../math/interpolate'

/**
 * Numbers of the hatch family. Household figures fitted around Vanhaecke & Sorgeloos (1982, 1983, 1989),
 * Lavens & Sorgeloos (1996) and, for energy, Benijts et al. (1976). docs/models.md quotes them from here.
 */
export const HATCH = {
  /** No progress at or below this temperature, degC. */
  baseTemperatureC: 14,
  /** Progress gains nothing above this temperature, degC. */
  capTemperatureC: 30,
  /** Degree-hours at which half of what will hatch has hatched. */
  medianDegreeHours: 250,
  /** Log standard deviation of the degree-hours to hatch, for a lot of unknown quality. */
  defaultSpread: 0.17,
  /** Decapsulated cysts need this share of the degree-hours. */
  decapsulatedShare: 0.8,
  /** Energy loss of an unfed nauplius at the reference temperature, 1/h. */
  energyLossPerHour: 0.01255,
  energyReferenceC: 26,
  energyQ10: 2.2,
  /** From T90 plus this delay nauplii left in the bottle die at the rate below. */
  crowdingDelayH: 12,
  crowdingDeathPerHour: 0.02,
  /** A bottle that is kept and drawn from is called for the last time so long after T90 at the reference temperature, h. */
  drawnForH: 36,
  /** Temperature of a fridge shelf, degC. */
  fridgeC: 4,
  /** Longest useful hold in the fridge, h (Lavens & Sorgeloos 1996). */
  fridgeHoldH: 24,
  /** Cysts per litre above which crowding lowers the hatch, in small and in large vessels (Lavens & Sorgeloos 1996). */
  fullDensityGL: 5,
  fullDensityLargeGL: 2,
  /** From here on a vessel is a large one, L. */
  largeFromL: 20,
  /** Longest time simulated, h. */
  horizonH: 400,
  /** If nine tenths have not hatched by then, the mean temperature factor is taken to here, h. */
  factorWindowH: 60,
} as const

/** Defaults of a lot nobody has measured yet. */
export const LOT_DEFAULTS = {
  hatch: 0.8,
  cystsPerG: 270_000,
  speed: 1,
  spread: HATCH.defaultSpread,
} as const

/** Piecewise linear factors on the final hatch; beyond the ends the end value holds. */
export const HATCH_FACTORS = {
  /** g/L of salt */
  salinity: [
    [0, 0],
    [3, 0.7],
    [5, 0.9],
    [10, 1],
    [35, 1],
    [45, 0.9],
    [60, 0.7],
    [80, 0.3],
  ],
  pH: [
    [6, 0.4],
    [6.5, 0.5],
    [7, 0.7],
    [7.5, 0.9],
    [8, 1],
    [9, 1],
    [9.5, 0.8],
  ],
  /** g of cysts per litre, in vessels below 20 L: air stirs a small one as a whole */
  densitySmall: [
    [0, 1],
    [5, 1],
    [8, 0.85],
    [12, 0.65],
    [20, 0.4],
  ],
  /** g of cysts per litre, in larger ones */
  density: [
    [0, 1],
    [2, 1],
    [5, 0.85],
    [10, 0.6],
    [20, 0.3],
  ],
  /** degC, averaged over time */
  temperature: [
    [10, 0],
    [15, 0.8],
    [18, 0.95],
    [20, 1],
    [30, 1],
    [32, 0.85],
    [35, 0.4],
    [38, 0],
  ],
} as const satisfies Record<string, readonly Knot[]>

export const LIGHT_FACTOR = { lit: 1, dark: 0.8 } as const
