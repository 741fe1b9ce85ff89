import type { Balance, Environment, Look, Readiness, Stage, Stock } from '../contract'
import { cappedQ10 } from '../thermal'
import { thinningShare } from './light'
import type { PhototrophParams } from './parameters'
import type { PhototrophState } from './step'

/** Tints in the order in which a vessel runs through them: 0 none, 1 pale green, 2 green, 3 deep green, 4 olive, 5 yellow. */
export const TINTS = ['none', 'pale green', 'green', 'deep green', 'olive', 'yellow'] as const
/** Days without nitrogen after which it is olive, and yellow. */
const OLIVE_D = 3
const YELLOW_D = 7
/** Share of the light limit beyond which the lower half is dark. */
const DARK = 0.8

/** Grazed down to this share of the most it held it does not build up: it is being eaten. */
const EATEN_BELOW = 0.6
const isEaten = (s: PhototrophState) => s.grazed > 0 && s.x < EATEN_BELOW * s.peak

export function stage(s: PhototrophState): Stage {
  if (s.crashed) return 'crashed'
  if (s.lagLeft > 0) return 'lag'
  if (isEaten(s) || (s.x < 0.85 * s.peak && s.spentD > 0)) return 'decline'
  return s.x < 0.6 * s.limit && s.spentD === 0 ? 'exponential' : 'stationary'
}

export function readiness(s: PhototrophState, p: PhototrophParams): Readiness {
  if (s.crashed) return 'failed'
  if (isEaten(s)) return 'failing'
  if (s.spentD > YELLOW_D) return 'failing'
  if (s.spentD > OLIVE_D || s.x > DARK * s.limit) return 'tiring'
  if (s.x >= p.readyAt) return 'ready'
  return s.lagLeft > 0 ? 'resting' : 'building'
}

/** Grade of tint by density: none below 2, pale green 2, green at the ready density, deep green at four times it. */
function byDensity(x: number, ready: number): number {
  if (x < 2) return x / 2
  if (x < ready) return 1 + Math.log(x / 2) / Math.log(ready / 2)
  return 2 + Math.min(1, Math.log(x / ready) / Math.log(4))
}

export function look(s: PhototrophState, p: PhototrophParams): Look {
  const spent = 4 + Math.min(1, Math.max(0, s.spentD - OLIVE_D) / (YELLOW_D - OLIVE_D)) * 0.9
  const living = s.spentD > OLIVE_D ? spent : byDensity(s.x, p.readyAt)
  const tint = s.crashed ? 5 : living
  return {
    tint: { grade: tint, sd: 0.35 },
    cloudiness: {
      grade: s.crashed
        ? 0.4
        : Math.min(3, Math.max(0, (s.lagLeft > 0 ? 0 : 0.5) + 2.5 * (s.x / s.limit))),
      sd: 0.35,
    },
    sediment: {
      grade: s.crashed
        ? 2.6
        : Math.min(2, 0.3 + (s.x > DARK * s.limit ? 0.9 : 0) + 0.12 * s.spentD),
      sd: 0.4,
    },
    film: { grade: s.crashed ? 2.2 : Math.min(2, 0.2 + 0.15 * s.spentD), sd: 0.4 },
    smell: { grade: s.crashed ? 2.6 : 0.4, sd: 0.3 },
  }
}

export function stock(s: PhototrophState, p: PhototrophParams): Stock {
  const alive = s.crashed ? 0 : s.x
  const organisms = (alive * s.setup.volumeL * 1000) / p.cellUg
  return {
    organisms,
    dryMg: alive * s.setup.volumeL,
    perMl: organisms / (s.setup.volumeL * 1000),
    perCm2: null,
  }
}

/** The advised daily share of what stands there, once it is as dense as it is wanted. */
export function surplusPerDay(
  s: PhototrophState,
  p: PhototrophParams,
  { temperatureC: t }: Environment,
): number {
  if (s.crashed || s.x < p.readyAt) return 0
  const share = thinningShare(p, s.depthM, cappedQ10(t, p.q10, 22, p.tOpt, p.tMax))
  return stock(s, p).organisms * Math.min(0.5, share)
}

export const balance = (s: PhototrophState, p: PhototrophParams): Balance => ({
  unit: 'mg N/L',
  start: s.start,
  added: s.added,
  held: s.n + s.x / p.yield,
  taken: s.taken,
  lost: s.lost,
})

export const yieldRatio = (s: PhototrophState, p: PhototrophParams) =>
  s.crashed ? 0 : s.x / p.readyAt
