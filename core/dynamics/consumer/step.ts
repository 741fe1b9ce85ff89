import type { RandomStream } from '../../math/random'
import { decay, meanDecay } from '../../math/decay'
import { lastAnswers } from '../../math/lastAnswers'
import { actionMgPerL, actionShare, type Action, type Environment, type Setup } from '../contract'
import { cappedQ10 } from '../thermal'
import type { ConsumerParams } from './parameters'

export interface ConsumerState {
  /** Suspended and settled food, animals, mg/L; ammonia nitrogen, mg/L. */
  f: number
  d: number
  x: number
  a: number
  ageD: number
  /** Days since a start or a move: it takes one to settle in. */
  settledD: number
  /** Days with too much food in it. */
  overfedD: number
  /** Loss to animals that eat them, 1/d. */
  preyed: number
  /** A large vessel changes slowly: factor of its volume on the hazard. */
  calm: number
  /** Bad water of the last changes still at work. */
  bad: number
  peak: number
  crashed: boolean
  start: number
  added: number
  taken: number
  lost: number
  setup: Setup
}

/** Field by field: an engine steps what it sees written out twice as fast as what was spread. */
export const copy = (s: ConsumerState): ConsumerState => ({
  f: s.f,
  d: s.d,
  x: s.x,
  a: s.a,
  ageD: s.ageD,
  settledD: s.settledD,
  overfedD: s.overfedD,
  preyed: s.preyed,
  calm: s.calm,
  bad: s.bad,
  peak: s.peak,
  crashed: s.crashed,
  start: s.start,
  added: s.added,
  taken: s.taken,
  lost: s.lost,
  setup: s.setup,
})

// The same for all courses of a vessel.
const pace = lastAnswers(cappedQ10)
const rotting = lastAnswers((q10, t, reference) => q10 ** ((t - reference) / 10))

/** Sub-step, d: the exponential midpoint stays positive at any step. */
const SUB_D = 1 / 24
const DEATH = 1
/** Ammonia per mg of what is eaten and rots (fish-culture nitrogen budgets). */
const TAN_PER_MG = 0.08
const EATEN_TO_TAN = 0.6
/** Volume at which the hazards hold, L, and how they fall with volume (working estimate). */
const USUAL_L = 10
const CALM_POWER = 0.3
/** What survives a crash. */
const SURVIVE = 0.02

export function start(
  p: ConsumerParams,
  setup: Setup,
  _chance: RandomStream | null,
): ConsumerState {
  const x = p.n0 * setup.starter * p.dryMg
  // A start is fed until it is just cloudy: every card ends with that.
  const f = p.dose
  return {
    f,
    d: 0,
    x,
    a: 0,
    ageD: 0,
    settledD: 0,
    overfedD: 0,
    preyed: 0,
    calm: (USUAL_L / setup.volumeL) ** CALM_POWER,
    bad: 0,
    peak: x,
    crashed: false,
    start: x + f,
    added: 0,
    taken: 0,
    lost: 0,
    setup,
  }
}

/** Fluxes between food, settled food and animals (exponential midpoint); hazards once a step. */
export function step(
  s: ConsumerState,
  p: ConsumerParams,
  { temperatureC }: Environment,
  hours: number,
  chance: RandomStream | null,
): void {
  const q = pace(temperatureC, p.q10, p.tRef, p.tCap, p.tMax)
  const hot = (temperatureC >= p.tMax || s.crashed ? DEATH : 0) + s.preyed
  // Food rots on when animals are too hot to eat.
  const rot = rotting(p.q10, Math.min(temperatureC, p.tMax), p.tRef)
  const days = hours / 24
  move(s, p, q, rot, hot, days)
  s.ageD += days
  s.peak = Math.max(s.peak, s.x)
  s.overfedD = s.f + s.d > p.overfed ? s.overfedD + days : 0
  if (chance && !s.crashed && chance.next() < 1 - Math.exp(-hazard(s, p) * days)) crash(s)
  s.bad *= Math.exp(-days / 2)
  if (s.x < SURVIVE * s.peak || s.x < 1e-7) s.crashed = true
}

/** Hazards, 1/d: of any day; per square of crowding beyond the limit, and of ammonia against what harms, mg/L; of rotting food. */
const DAILY = 0.0012
const CROWDED = 0.25
const AMMONIA = 0.015
const HARMS_TAN = 5
const ROTTING = 0.3

/** Chance of a crash, 1/d: crowding, ammonia, overfeeding, bad water; by school and volume. */
export function hazard(s: ConsumerState, p: ConsumerParams): number {
  const crowd = Math.max(0, s.x / p.dryMg / p.limit - 1)
  const usual = DAILY + CROWDED * crowd ** 2 + AMMONIA * (s.a / HARMS_TAN) ** 2
  return (usual + 0.5 * s.bad) * p.risk * s.calm + (s.overfedD >= 1 ? ROTTING : 0)
}

export function crash(s: ConsumerState): void {
  s.crashed = true
  s.lost += s.x * (1 - SURVIVE)
  s.x *= SURVIVE
}

/**
 * Food leaves in proportion to itself, at rates taken from the middle of the step, however many mouths there are.
 * Pools are held in locals over all sub-steps: this is where an estimate spends its time.
 */
function move(
  s: ConsumerState,
  p: ConsumerParams,
  q: number,
  rot: number,
  hot: number,
  days: number,
): void {
  const n = Math.ceil(days / SUB_D - 1e-9)
  const dt = days / n
  const h = dt / 2
  const { kf, assimilation, settling } = p
  const iMax = p.iMax * q
  const rho = p.rho * q + hot
  const rotting = p.rotting * rot
  const tanKept = decay(p.tanLoss * dt)
  let { f, d, x, a, settledD, lost } = s
  for (let i = 0; i < n; i++) {
    const clear0 = (iMax * (settledD < 1 ? settledD : 1)) / (f + kf)
    const fHalf = f * decay((clear0 * x + settling + rotting) * h)
    const net = (assimilation * clear0 * ((f + fHalf) / 2) - rho) * h
    const xHalf = x * (net > 0 ? 1 + net * (1 + net / 2) : decay(-net))
    const dHalf = d + (settling * ((f + fHalf) / 2) - rotting * d) * h
    const eating = ((iMax * (settledD + h < 1 ? settledD + h : 1)) / (fHalf + kf)) * xHalf
    const rate = eating + settling + rotting
    const out = f * dt * meanDecay(rate * dt, decay(rate * dt))
    const eaten = eating * out
    const settled = settling * out
    const rottenF = rotting * out
    const rottenD = Math.min(d + settled, rotting * Math.max(0, dHalf) * dt)
    const grown = eaten * assimilation
    const spent = Math.min(x + grown, rho * xHalf * dt)
    f = Math.max(0, f - eaten - settled - rottenF)
    d += settled - rottenD
    x += grown - spent
    lost += eaten - grown + rottenF + rottenD + spent
    const inflow = (TAN_PER_MG / 2) * (EATEN_TO_TAN * eaten + rottenF + rottenD)
    a = (a + inflow) * tanKept + inflow
    settledD += dt
  }
  s.f = f
  s.d = d
  s.x = x
  s.a = a
  s.settledD = settledD
  s.lost = lost
}

const USUAL_TAKE = 0.25
const USUAL_CHANGE = 0.2

export function act(s: ConsumerState, p: ConsumerParams, action: Action): void {
  const share = (usual: number) => actionShare(action, s.setup.volumeL, usual)
  switch (action.kind) {
    // Without an amount: until the water is just cloudy.
    case 'feed':
    case 'dose': {
      const mg = actionMgPerL(action, s.setup.volumeL, Math.max(0, p.dose - s.f))
      s.f += mg
      s.added += mg
      return
    }
    case 'stir':
      s.f += s.d / 2
      s.d /= 2
      return
    // Poured or siphoned: animals and the water they swim in, made up again.
    case 'takeOut':
    case 'split': {
      const gone = share(action.kind === 'split' ? 0.5 : USUAL_TAKE)
      s.taken += (s.x + s.f) * gone
      s.x *= 1 - gone
      s.peak *= 1 - gone
      s.f *= 1 - gone
      s.a *= 1 - gone
      return
    }
    case 'waterChange':
    case 'topUp': {
      const gone = action.kind === 'topUp' ? 0 : share(USUAL_CHANGE)
      s.taken += s.f * gone
      s.f *= 1 - gone
      s.a *= 1 - gone
      s.bad = Math.min(1, s.bad + p.badWater * (action.kind === 'topUp' ? share(0.1) : gone))
      return
    }
    // A few clean animals into a clean vessel.
    case 'renew': {
      const kept = Math.min(s.x, p.n0 * p.dryMg * s.setup.starter)
      s.taken += s.x - kept + s.f + s.d
      Object.assign(s, {
        x: kept,
        f: 0,
        d: 0,
        a: 0,
        settledD: 0,
        overfedD: 0,
        preyed: 0,
        bad: 0,
        peak: kept,
      })
      if (kept > 1e-6) s.crashed = false
      return
    }
    case 'poison':
      crash(s)
  }
}
