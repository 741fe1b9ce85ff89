import type { Balance, Environment, Look, Readiness, Stage, Stock } from '../contract'
import { cappedQ10 } from '../thermal'
import type { ConsumerParams } from './parameters'
import type { ConsumerState } from './step'

const MOST_SHARE = 1 / 3
/** Share of the limit beyond which a vessel endangers itself, and ammonia that says so of fleas, mg/L. */
const CROWDED = 0.8
const SOUR_TAN = 5

const density = (s: ConsumerState, p: ConsumerParams) => s.x / p.dryMg
/** Fed by so much at a time, mg/L, fleas stand the ammonia above: who lives on more food stands more. */
const FLEA_DOSE = 8
const sour = (s: ConsumerState, p: ConsumerParams) => (s.a * FLEA_DOSE) / p.dose

/** Eaten down to this share of the most there were they do not build up, whatever is fed. */
const EATEN_BELOW = 0.6
const isEaten = (s: ConsumerState) => s.preyed > 0 && s.x < EATEN_BELOW * s.peak

export function stage(s: ConsumerState, p: ConsumerParams): Stage {
  if (s.crashed || s.x < 1e-6) return 'crashed'
  if (s.settledD < 1) return 'lag'
  if (s.x < 0.7 * s.peak) return 'decline'
  return density(s, p) < 0.5 * p.limit ? 'exponential' : 'stationary'
}

export function readiness(s: ConsumerState, p: ConsumerParams): Readiness {
  if (s.crashed) return 'failed'
  if (isEaten(s)) return 'failing'
  const n = density(s, p)
  // Sour water kills within days, whatever swims in it today.
  if (s.overfedD > 0 || n > 1.15 * p.limit || sour(s, p) > SOUR_TAN) return 'failing'
  if (n > CROWDED * p.limit) return 'tiring'
  if (n >= p.readyAt) return 'ready'
  return s.settledD < 1 ? 'resting' : 'building'
}

/** Grades of suspended food, by its logarithm: cleared, and "just cloudy", in which nothing has turned. */
const CLEARED = 0.7
const JUST_CLOUDY = 1.7
function clouded(s: ConsumerState, p: ConsumerParams): number {
  const above = Math.log(Math.max(s.f, 1e-9) / p.clear) / Math.log(p.dose / p.clear)
  return Math.min(JUST_CLOUDY, Math.max(0, CLEARED + (JUST_CLOUDY - CLEARED) * above))
}

/** A tenth of what is ready is just seen; a vessel at its limit teems. */
function moversBy(n: number, p: ConsumerParams): number {
  if (n < p.readyAt) return Math.max(0, 1.5 * Math.log10(1 + (9 * n) / p.readyAt))
  return 1.5 + 1.2 * Math.min(1.25, (n - p.readyAt) / Math.max(1e-9, p.limit - p.readyAt))
}
function gathering(s: ConsumerState, p: ConsumerParams): number {
  if (s.crashed) return 0
  if (s.settledD < 1) return 0.2
  return s.f < p.clear ? 2 : 0.8
}
function smell(s: ConsumerState, p: ConsumerParams, crowd: number): number {
  if (s.crashed) return 2.6
  return s.overfedD > 0 ? 2 : Math.min(1.6, 0.3 * sour(s, p) * (crowd > CROWDED ? 1.3 : 1))
}

/** Pale with an empty gut; straw where it is fed; redder the more breathe in it. */
function colour(s: ConsumerState, p: ConsumerParams, crowd: number): number {
  const gut = s.f < p.clear / 2 ? 0.2 : 0.9
  return Math.min(3, Math.max(gut, crowd * 2.5) + p.red)
}

export function look(s: ConsumerState, p: ConsumerParams): Look {
  const n = density(s, p)
  const food = s.f + s.d
  const crowd = n / p.limit
  const tooMuch = Number.isFinite(p.overfed) ? food / p.overfed : 0
  return {
    movers: {
      grade: s.crashed ? 0.1 : moversBy(n, p),
      sd: 0.35,
    },
    cloudiness: {
      grade: s.overfedD > 0 ? Math.min(3, 1.9 + 0.3 * tooMuch) : clouded(s, p),
      sd: 0.4,
    },
    sediment: { grade: Math.min(3, 3 * (s.d / (s.d + 2 * p.dose))), sd: 0.5 },
    gathering: { grade: gathering(s, p), sd: 0.6 },
    smell: {
      grade: smell(s, p, crowd),
      sd: 0.4,
    },
    tint: { grade: s.crashed ? 0 : colour(s, p, crowd), sd: 0.4 },
  }
}

export function stock(s: ConsumerState, p: ConsumerParams): Stock {
  const organisms = density(s, p) * s.setup.volumeL
  return { organisms, dryMg: s.x * s.setup.volumeL, perMl: density(s, p) / 1000, perCm2: null }
}

/** Growth at the food of a well-fed vessel from half of its limit, at most a third a day; nothing before it is ready. */
export function surplusPerDay(
  s: ConsumerState,
  p: ConsumerParams,
  { temperatureC }: Environment,
): number {
  if (s.crashed || density(s, p) < p.readyAt) return 0
  const q = cappedQ10(temperatureC, p.q10, p.tRef, p.tCap, p.tMax)
  // Between "just cloudy" and "cleared", as it is kept.
  const f = (p.dose + p.clear) / 2
  const growth = Math.max(0, p.assimilation * p.iMax * q * (f / (f + p.kf)) - p.rho * q)
  return stock(s, p).organisms * Math.min(MOST_SHARE, growth / 2)
}

export const balance = (s: ConsumerState): Balance => ({
  unit: 'mg/L',
  start: s.start,
  added: s.added,
  held: s.f + s.d + s.x,
  taken: s.taken,
  lost: s.lost,
})

export const yieldRatio = (s: ConsumerState, p: ConsumerParams) =>
  s.crashed ? 0 : density(s, p) / p.readyAt
