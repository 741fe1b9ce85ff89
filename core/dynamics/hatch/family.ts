import { normalCdf } from '../../math/normalCdf'
import type { RandomStream } from '../../math/random'
import { grams, gramsPerLitre, litres } from '../../units/quantity'
import {
  actionShare,
  type Action,
  type Ailment,
  type Environment,
  type Family,
  type Look,
  type Readiness,
  type Setup,
  type Stage,
  type Stock,
} from '../contract'
import { energyLoss } from './energyLoss'
import { hatchFactors, productOfFactors, temperatureFactor } from './factors'
import { HATCH, LOT_DEFAULTS } from './parameters'

/** Numbers of a bottle of cysts, step by step: the same equations as the curve, for use beside the other families. */
export interface HatchFamilyParams {
  hatchShare: number
  cystsPerG: number
  speed: number
  spread: number
  cystsGL: number
  saltGL: number
  pH: number
  /** 1 lit in the first hours, 0 dark; 1 decapsulated. */
  lit: number
  decapsulated: number
  dryUg: number
  failure: number
}

export interface HatchState {
  theta: number
  ageH: number
  /** Shares of all nauplii that will hatch: hatched, still alive in the bottle, and alive times energy. */
  hatched: number
  alive: number
  useful: number
  t90H: number
  factorSum: number
  /** Temperature factor on the final hatch so far, 0 to 1. */
  warmth: number
  taken: number
  spoilt: boolean
  setup: Setup
}

/** Field by field: an engine steps what it sees written out twice as fast as what was spread. */
const copy = (s: HatchState): HatchState => ({
  theta: s.theta,
  ageH: s.ageH,
  hatched: s.hatched,
  alive: s.alive,
  useful: s.useful,
  t90H: s.t90H,
  factorSum: s.factorSum,
  warmth: s.warmth,
  taken: s.taken,
  spoilt: s.spoilt,
  setup: s.setup,
})

const SUB_H = 0.25
/** A bottle that nothing hatches in is given up after so many hours. */
const GIVEN_UP_H = 72
/** Nauplii left alive below which a bottle is over. */
const OVER = 0.05

const start = (p: HatchFamilyParams, setup: Setup, chance: RandomStream | null): HatchState => ({
  theta: 0,
  ageH: 0,
  hatched: 0,
  alive: 0,
  useful: 0,
  t90H: Infinity,
  factorSum: 0,
  warmth: 1,
  taken: 0,
  spoilt: chance !== null && chance.next() < p.failure,
  setup,
})

/** What is left of energy after a time and after half of it, and of nauplii that crowd. */
const lossesOver = (dt: number, loss: number): [number, number, number] => [
  Math.exp(-loss * dt),
  Math.exp((-loss * dt) / 2),
  Math.exp(-HATCH.crowdingDeathPerHour * dt),
]

function step(
  s: HatchState,
  p: HatchFamilyParams,
  { temperatureC: t }: Environment,
  hours: number,
): void {
  const pace =
    (p.speed / (p.decapsulated > 0.5 ? HATCH.decapsulatedShare : 1)) *
    Math.max(0, Math.min(t, HATCH.capTemperatureC) - HATCH.baseTemperatureC)
  const loss = energyLoss(t)
  const factor = temperatureFactor(t)
  // The last sub-step may be shorter; what hangs on its length is worked out once for all others.
  let dt = Math.min(SUB_H, hours)
  let [kept, keptHalf, crowded] = lossesOver(dt, loss)
  let { theta, ageH, alive, useful, hatched, t90H, factorSum, warmth } = s
  const { spoilt } = s
  for (let left = hours; left > 1e-9; left -= SUB_H) {
    if (left < dt) {
      dt = left
      ;[kept, keptHalf, crowded] = lossesOver(dt, loss)
    }
    theta += pace * dt
    ageH += dt
    const f =
      theta > 0 && !spoilt ? normalCdf(Math.log(theta / HATCH.medianDegreeHours) / p.spread) : 0
    const fresh = f - hatched
    const dying = ageH > t90H + HATCH.crowdingDelayH ? crowded : 1
    alive = (alive + fresh) * dying
    useful = (useful * kept + fresh * keptHalf) * dying
    hatched = f
    if (t90H === Infinity) {
      factorSum += factor * dt
      warmth = factorSum / ageH
      if (f >= 0.9) t90H = ageH
    }
  }
  Object.assign(s, { theta, ageH, alive, useful, hatched, t90H, factorSum, warmth })
}

function act(s: HatchState, _p: HatchFamilyParams, action: Action): void {
  switch (action.kind) {
    case 'takeOut':
    case 'split': {
      const share = actionShare(action, s.setup.volumeL, 1)
      s.taken += s.alive * share
      s.alive *= 1 - share
      s.useful *= 1 - share
      return
    }
    case 'renew':
      s.taken += s.alive
      Object.assign(s, {
        theta: 0,
        ageH: 0,
        hatched: 0,
        alive: 0,
        useful: 0,
        t90H: Infinity,
        factorSum: 0,
        warmth: 1,
        spoilt: false,
      })
      return
    case 'poison':
      s.spoilt = true
      s.alive = 0
      s.useful = 0
      return
    case 'feed':
    case 'dose':
    case 'stir':
    case 'topUp':
    case 'waterChange':
      return
  }
}

/** Nauplii that will hatch in all. */
function total(s: HatchState, p: HatchFamilyParams): number {
  const f = hatchFactors(
    {
      vesselL: litres(s.setup.volumeL),
      cystsG: grams(p.cystsGL * s.setup.volumeL),
      saltGL: gramsPerLitre(p.saltGL),
      pH: p.pH,
      lit: p.lit > 0.5,
    },
    s.warmth,
  )
  return p.cystsGL * s.setup.volumeL * p.cystsPerG * p.hatchShare * productOfFactors(f)
}

const isOver = (s: HatchState) =>
  (s.hatched > 0.5 && s.alive < OVER) || (s.ageH > GIVEN_UP_H && s.hatched < OVER)

function stage(s: HatchState): Stage {
  if (isOver(s)) return 'crashed'
  if (s.hatched < 0.02) return 'lag'
  if (s.hatched < 0.9) return 'exponential'
  return s.ageH > s.t90H + HATCH.crowdingDelayH ? 'decline' : 'stationary'
}

function readiness(s: HatchState): Readiness {
  if (isOver(s)) return 'failed'
  if (s.hatched < 0.1) return 'resting'
  if (s.hatched < 0.85) return 'building'
  if (s.ageH <= s.t90H + HATCH.crowdingDelayH) return 'ready'
  return s.alive > 0.5 ? 'tiring' : 'failing'
}

/** Tint from grey-brown to orange, movers, cysts that lie at the bottom, and the foam and smell of what died. */
function look(s: HatchState): Look {
  const late = Number.isFinite(s.t90H) ? Math.max(0, (s.ageH - s.t90H) / HATCH.crowdingDelayH) : 0
  const dead = Math.max(0, s.hatched - s.alive)
  return {
    tint: { grade: 3 * s.hatched, sd: 0.35 },
    movers: { grade: isOver(s) ? 0 : 3 * s.alive, sd: 0.4 },
    sediment: { grade: 3 * (1 - s.hatched), sd: 0.5 },
    smell: { grade: Math.min(3, late < 1 ? 0.4 * late : 1 + 2 * dead), sd: 0.3 },
    film: { grade: isOver(s) ? 2.5 : Math.min(2.5, late < 1 ? 0.2 : 0.8 + 2 * dead), sd: 0.4 },
  }
}

function stock(s: HatchState, p: HatchFamilyParams): Stock {
  const organisms = total(s, p) * s.alive
  return {
    organisms,
    dryMg: (organisms * p.dryUg) / 1000,
    perMl: organisms / (s.setup.volumeL * 1000),
    perCm2: null,
  }
}

/** What swims now against what the bottle would give with the household's figures. */
function yieldRatio(s: HatchState, p: HatchFamilyParams): number {
  const book = total(s, { ...p, hatchShare: LOT_DEFAULTS.hatch, cystsPerG: LOT_DEFAULTS.cystsPerG })
  return book > 0 ? (total(s, p) * s.alive) / book : 0
}

function ail(s: HatchState, _p: HatchFamilyParams, ailment: Ailment): boolean {
  if (ailment !== 'poisoned' && ailment !== 'contaminated') return false
  s.alive *= ailment === 'poisoned' ? 0.03 : 0.4
  s.spoilt ||= ailment === 'poisoned'
  return true
}

export const hatchFamily: Family<HatchFamilyParams, HatchState> = {
  id: 'hatch',
  start,
  step,
  act,
  copy,
  nudge: () => {},
  look,
  stage,
  readiness,
  stock,
  yieldRatio,
  ail,
  usualFeed: () => null,
  roles: { growth: 'speed', capacity: 'hatchShare' },
  surplusPerDay: (s: HatchState, p: HatchFamilyParams, _e: Environment) =>
    readiness(s) === 'resting' ? 0 : stock(s, p).organisms,
  balance: () => null,
}
