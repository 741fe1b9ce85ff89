import type { RandomStream } from '../../math/random'
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

/** Sub-step, d: the exponential midpoint stays positive at any step. */
const SUB_D = 1 / 24
const DEATH = 1
/** Ammonia per mg of what is eaten and rots (fish-culture nitrogen budgets). */
const TAN_PER_MG = 0.08
const EATEN_TO_TAN = 0.6
/** What survives a crash. */
const SURVIVE = 0.02

export function start(p: ConsumerParams, setup: Setup, _chance: RandomStream | null): ConsumerState {
  const x = p.n0 * setup.starter * p.dryMg
  return { f: 0, d: 0, x, a: 0, ageD: 0, settledD: 0, overfedD: 0, bad: 0, peak: x, crashed: false, start: x, added: 0, taken: 0, lost: 0, setup }
}

/** Fluxes between food, settled food and animals (exponential midpoint); hazards once a step. */
export function step(s: ConsumerState, p: ConsumerParams, { temperatureC }: Environment, hours: number, chance: RandomStream | null): void {
  const q = cappedQ10(temperatureC, p.q10, p.tRef, p.tCap, p.tMax)
  const hot = temperatureC >= p.tMax || s.crashed ? DEATH : 0
  // Food rots on when animals are too hot to eat.
  const rot = p.q10 ** ((Math.min(temperatureC, p.tMax) - p.tRef) / 10)
  const days = hours / 24
  const n = Math.ceil(days / SUB_D - 1e-9)
  for (let i = 0; i < n; i++) {
    sub(s, p, q, rot, hot, days / n)
    s.settledD += days / n
  }
  s.ageD += days
  s.peak = Math.max(s.peak, s.x)
  s.overfedD = s.f + s.d > p.overfed ? s.overfedD + days : 0
  if (chance && !s.crashed && chance.next() < 1 - Math.exp(-hazard(s, p) * days)) crash(s)
  s.bad *= Math.exp(-days / 2)
  if (s.x < SURVIVE * s.peak || s.x < 1e-7) s.crashed = true
}

/** Chance of a crash, 1/d: crowding, ammonia, overfeeding, bad water. */
export function hazard(s: ConsumerState, p: ConsumerParams): number {
  const crowd = Math.max(0, s.x / p.dryMg / p.limit - 0.8)
  return 0.002 + 0.6 * crowd ** 2 + 0.1 * (s.a / 5) ** 2 + (s.overfedD >= 1 ? 0.3 : 0) + 0.5 * s.bad
}

function crash(s: ConsumerState): void {
  s.crashed = true
  s.lost += s.x * (1 - SURVIVE)
  s.x *= SURVIVE
}

/** Food leaves in proportion to itself, at rates taken from the middle of the step, however many mouths there are. */
function sub(s: ConsumerState, p: ConsumerParams, q: number, rot: number, hot: number, dt: number): void {
  const h = dt / 2
  const rotting = p.rotting * rot
  const wake = Math.min(1, s.settledD)
  const clear0 = (p.iMax * q * wake) / (s.f + p.kf)
  const f = s.f * Math.exp(-(clear0 * s.x + p.settling + rotting) * h)
  const fMean = (s.f + f) / 2
  const d = s.d + (p.settling * fMean - rotting * s.d) * h
  const x = s.x * Math.exp((p.assimilation * clear0 * fMean - p.rho * q - hot) * h)
  const clear = (p.iMax * q * Math.min(1, s.settledD + h)) / (f + p.kf)
  const eating = clear * x
  const rate = eating + p.settling + rotting
  const out = rate > 0 ? (s.f * (1 - Math.exp(-rate * dt))) / rate : 0
  const eaten = eating * out
  const settled = p.settling * out
  const rottenF = rotting * out
  const rottenD = Math.min(s.d + settled, rotting * Math.max(0, d) * dt)
  const grown = eaten * p.assimilation
  const spent = Math.min(s.x + grown, (p.rho * q + hot) * x * dt)
  s.f = Math.max(0, s.f - eaten - settled - rottenF)
  s.d += settled - rottenD
  s.x += grown - spent
  s.lost += eaten - grown + rottenF + rottenD + spent
  const inflow = TAN_PER_MG * (EATEN_TO_TAN * eaten + rottenF + rottenD)
  s.a = (s.a + inflow / 2) * Math.exp(-p.tanLoss * dt) + inflow / 2
}

const USUAL_TAKE = 0.25
const USUAL_CHANGE = 0.2

export function act(s: ConsumerState, p: ConsumerParams, action: Action): void {
  const share = (usual: number) => actionShare(action, s.setup.volumeL, usual)
  switch (action.kind) {
    // Without an amount: until the water is just cloudy.
    case 'feed': case 'dose': {
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
    case 'takeOut': case 'split': {
      const gone = share(action.kind === 'split' ? 0.5 : USUAL_TAKE)
      s.taken += (s.x + s.f) * gone
      s.x *= 1 - gone
      s.peak *= 1 - gone
      s.f *= 1 - gone
      s.a *= 1 - gone
      return
    }
    case 'waterChange': case 'topUp': {
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
      Object.assign(s, { x: kept, f: 0, d: 0, a: 0, settledD: 0, overfedD: 0, bad: 0, peak: kept })
      if (kept > 1e-6) s.crashed = false
      return
    }
    case 'poison': crash(s)
  }
}
