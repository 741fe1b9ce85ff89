import type { RandomStream } from '../../math/random'
import {
  actionShare,
  type Action,
  type Environment,
  type Family,
  type Look,
  type Readiness,
  type Setup,
  type Stage,
  type Stock,
} from '../contract'
import type { StageClockParams } from './parameters'

export interface StageClockState {
  /** Degree-days since the first evening the bucket stood open. */
  theta: number
  /** Larvae per litre. */
  n: number
  taken: number
  /** No eggs were laid, or the bucket was emptied. */
  empty: boolean
  setup: Setup
}

/** Field by field: an engine steps what it sees written out twice as fast as what was spread. */
const copy = (s: StageClockState): StageClockState => ({
  theta: s.theta,
  n: s.n,
  taken: s.taken,
  empty: s.empty,
  setup: s.setup,
})

/** Above the maximum nothing develops and larvae die at this rate, 1/d. */
const HOT_DEATH = 1
const MOST_SHARE = 1 / 3

const start = (p: StageClockParams, setup: Setup, chance: RandomStream | null): StageClockState => {
  const none = chance !== null && chance.next() < p.failure
  return { theta: 0, n: none ? 0 : p.perLitre * setup.starter, taken: 0, empty: none, setup }
}

function step(
  s: StageClockState,
  p: StageClockParams,
  { temperatureC: t }: Environment,
  hours: number,
): void {
  const days = hours / 24
  if (t >= p.maxC) s.n *= Math.exp(-HOT_DEATH * days)
  else if (t > p.baseC) s.theta += (t - p.baseC) * days
  if (s.theta > p.hatch) s.n *= Math.exp(-p.deathPerDay * days)
}

function act(s: StageClockState, _p: StageClockParams, action: Action): void {
  switch (action.kind) {
    case 'takeOut':
    case 'split': {
      const share = actionShare(action, s.setup.volumeL, 0.3)
      s.taken += s.n * share
      s.n *= 1 - share
      return
    }
    // Emptied and set out anew.
    case 'renew':
    case 'poison':
      s.taken += s.n
      s.n = 0
      s.empty = true
      return
    case 'feed':
    case 'dose':
    case 'stir':
    case 'topUp':
    case 'waterChange':
      return
  }
}

const sinceHatch = (s: StageClockState, p: StageClockParams) => s.theta - p.hatch

function stage(s: StageClockState, p: StageClockParams): Stage {
  if (s.empty || s.n < 0.01) return 'crashed'
  const d = sinceHatch(s, p)
  if (d < 0) return 'lag'
  if (d < p.advisedLast) return 'exponential'
  return d < p.firstPupa ? 'stationary' : 'decline'
}

function readiness(s: StageClockState, p: StageClockParams): Readiness {
  if (s.empty || s.n < 0.01) return 'failed'
  const d = sinceHatch(s, p)
  if (d < 0) return 'resting'
  if (d < p.instar1) return 'building'
  if (d < p.advisedLast) return 'ready'
  return d < p.firstPupa ? 'tiring' : 'failing'
}

/** Mean dry mass of a larva, ug. */
function dryUg(s: StageClockState, p: StageClockParams): number {
  const d = sinceHatch(s, p)
  if (d <= 0) return 1
  if (d < p.instar1) return 1 + ((p.dry1 - 1) * d) / p.instar1
  if (d < p.instar2) return p.dry1 + ((p.dry2 - p.dry1) * (d - p.instar1)) / (p.instar2 - p.instar1)
  return p.dry2 + (p.dry3 - p.dry2) * Math.min(1, (d - p.instar2) / (p.instar3 - p.instar2))
}

function larvaGrade(d: number, p: StageClockParams): number {
  if (d < p.instar1) return 0.6 + 0.4 * (d / p.instar1)
  return Math.min(3, 1.2 + (1.8 * (d - p.instar1)) / (p.advisedLast - p.instar1))
}
function pupaGrade(d: number, p: StageClockParams): number {
  if (d < p.firstPupa) return 0.3
  return Math.min(3, 1 + (2 * (d - p.firstPupa)) / (p.meanPupa - p.firstPupa))
}

/** Size by instar, and the comma-shaped pupae that end it. */
function look(s: StageClockState, p: StageClockParams): Look {
  const d = sinceHatch(s, p)
  const gone = s.empty || s.n < 0.01
  return {
    movers: { grade: gone || d < 0 ? 0 : Math.min(3, 1 + Math.log10(1 + s.n)), sd: 0.4 },
    size: {
      grade: gone || d < 0 ? 0 : larvaGrade(d, p),
      sd: 0.3,
    },
    pupae: {
      grade: gone || d < p.advisedLast ? 0 : pupaGrade(d, p),
      sd: 0.25,
    },
    gathering: { grade: gone || d < 0 ? 0 : 2, sd: 0.4 },
    film: { grade: d < 0 && !gone ? 1 : 0.2, sd: 0.3 },
  }
}

function stock(s: StageClockState, p: StageClockParams): Stock {
  const organisms = sinceHatch(s, p) < 0 ? 0 : s.n * s.setup.volumeL
  return {
    organisms,
    dryMg: (organisms * dryUg(s, p)) / 1000,
    perMl: organisms / (s.setup.volumeL * 1000),
    perCm2: null,
  }
}

/** All that is left is to be fed out before the advised last day. */
function surplusPerDay(
  s: StageClockState,
  p: StageClockParams,
  { temperatureC: t }: Environment,
): number {
  if (readiness(s, p) !== 'ready') return 0
  const daysLeft = t > p.baseC ? (p.advisedLast - sinceHatch(s, p)) / (t - p.baseC) : 30
  return stock(s, p).organisms * Math.min(1, Math.max(MOST_SHARE, 1 / Math.max(1, daysLeft)))
}

/** Days until the last safe harvest at the warmest forecast; 0 when it has passed. */
export const daysToLastHarvest = (s: StageClockState, p: StageClockParams, warmestC: number) =>
  warmestC <= p.baseC
    ? Infinity
    : Math.max(0, (p.advisedLast - sinceHatch(s, p)) / (warmestC - p.baseC))

/** Mosquito larvae: no population model, a clock that must not run out. */
export const stageClock: Family<StageClockParams, StageClockState> = {
  id: 'stage-clock',
  start,
  step,
  act,
  copy,
  nudge: (s, f) => {
    s.n *= f
  },
  look,
  stage,
  readiness,
  stock,
  surplusPerDay,
  balance: () => null,
  yieldRatio: (s, p) => (s.empty || sinceHatch(s, p) < 0 ? 0 : s.n / p.perLitre),
  ail: (s, _p, ailment) => {
    if (ailment !== 'poisoned' && ailment !== 'contaminated') return false
    s.n *= ailment === 'poisoned' ? 0.03 : 0.3
    return true
  },
  usualFeed: () => null,
  roles: {},
}
