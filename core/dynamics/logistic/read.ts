import { ctmi } from '../../math/ctmi'
import type { Environment, Look, Readiness, Stage, Stock } from '../contract'
import type { LogisticParams } from './parameters'
import { calmGrowth, rousedGrowth, type LogisticState } from './state'

/** Quality below which a medium is past its best. */
export const TIRED_Q = 0.45
/** At most this share of the population a day, whatever the model says. */
const MOST_SHARE = 1 / 3

export function stage(s: LogisticState): Stage {
  if (s.crashed) return 'crashed'
  if (s.lagLeft > 0) return 'lag'
  if (s.x > s.q * 1.02 || s.q < 0.02) return 'decline'
  return s.x < 0.8 * s.q ? 'exponential' : 'stationary'
}

export function readiness(s: LogisticState, p: LogisticParams): Readiness {
  if (s.crashed) return 'failed'
  if (s.q < TIRED_Q) return s.x >= p.readyAt / 2 ? 'tiring' : 'failing'
  if (s.ageD > s.badAtD) return 'failing'
  if (s.x >= p.readyAt) return 'ready'
  // As much as the medium still carries, and less than is worth a harvest: it is on its way out.
  if (s.x > 0.9 * s.q) return 'tiring'
  return s.lagLeft > 0 ? 'resting' : 'building'
}

/** Climbing, movers and darkness of the medium tell population and age apart; a bad one smells. */
export function look(s: LogisticState, p: LogisticParams): Look {
  const against = s.x / p.readyAt
  const turned = s.ageD > s.badAtD ? 1.6 + 0.4 * Math.min(1, s.ageD - s.badAtD) : 0
  const bad = s.crashed ? 3 : turned
  const crowd = Math.min(
    3,
    against < 1
      ? 1.6 * Math.sqrt(against)
      : 1.6 + 1.4 * Math.min(1, (s.x - p.readyAt) / (1 - p.readyAt)),
  )
  const movers = s.lagLeft > 0 ? Math.min(0.5, crowd) : Math.max(0.6, crowd)
  return {
    movers: {
      grade: s.crashed ? 0 : movers,
      sd: 0.45,
    },
    ...(p.perArea > 0.5
      ? { climbing: { grade: s.crashed || s.lagLeft > 0 ? 0 : crowd * 0.9, sd: 0.5 } }
      : { cloudiness: { grade: Math.min(3, 2 * (1 - s.q) + (bad > 0 ? 0.6 : 0)), sd: 0.4 } }),
    sediment: { grade: 3 * (1 - s.q), sd: 0.5 },
    smell: { grade: Math.max(bad, s.q < TIRED_Q ? 1 + (TIRED_Q - s.q) * 2 : 0.4), sd: 0.4 },
    tint: { grade: 3 * (1 - s.q), sd: 0.4 },
    film: { grade: bad > 0 ? Math.min(3, bad) : 0.1, sd: 0.3 },
  }
}

export function stock(s: LogisticState, p: LogisticParams): Stock {
  const density = s.x * p.capacity * s.air
  const organisms = density * s.units
  return {
    organisms,
    dryMg: (organisms * p.dryUg) / 1000,
    perMl: p.perArea > 0.5 ? null : density,
    perCm2: p.perArea > 0.5 ? density : null,
  }
}

/** Largest harvest that holds the population at half of what the medium carries, at most a third a day; nothing before it is ready. */
export function surplusPerDay(
  s: LogisticState,
  p: LogisticParams,
  { temperatureC: t }: Environment,
): number {
  if (s.x < p.readyAt || s.crashed || s.ageD > s.badAtD) return 0
  const r = rousedGrowth(s, p, calmGrowth(s, p, ctmi(t, p.tMin, p.tOpt, p.tMax)))
  const half = s.q / 2
  const steady = Math.min(r * half * (1 - half / Math.max(s.q, 1e-6)), s.x * MOST_SHARE)
  return Math.max(0, Math.min(steady, s.x * MOST_SHARE * p.reach)) * p.capacity * s.air * s.units
}

export const yieldRatio = (s: LogisticState, p: LogisticParams) => (s.crashed ? 0 : s.x / p.readyAt)
