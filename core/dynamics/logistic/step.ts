import type { RandomStream } from '../../math/random'
import { ctmi } from '../../math/ctmi'
import { lastAnswers } from '../../math/lastAnswers'
import type { Action, Environment, Setup } from '../contract'
import { actionShare } from '../contract'
import type { LogisticParams } from './parameters'
import {
  airOf,
  calmGrowth,
  liquidSurfaceCm2,
  unitsOf,
  type Felt,
  type LogisticState,
} from './state'

/**
 * What hangs on the temperature alone, for whoever asked last: temperature, cardinal temperatures,
 * Q10 and its reference; then growth here and at the reference against the best, and the Q10 term.
 * All courses of a vessel share them, and an engine reads an array of doubles without boxing them.
 */
const climate = new Float64Array(9).fill(NaN)
const [GROWTH, GROWTH_AT_REFERENCE, Q10] = [6, 7, 8]

/** Works out what a temperature means to a course. */
function feel(s: LogisticState, p: LogisticParams, t: number): Felt {
  const { tMin, tOpt, tMax, qT, tRef } = p
  const same =
    climate[0] === t &&
    climate[1] === tMin &&
    climate[2] === tOpt &&
    climate[3] === tMax &&
    climate[4] === qT &&
    climate[5] === tRef
  if (!same) {
    climate.set([t, tMin, tOpt, tMax, qT, tRef])
    climate[GROWTH] = ctmi(t, tMin, tOpt, tMax)
    climate[GROWTH_AT_REFERENCE] = ctmi(tRef, tMin, tOpt, tMax)
    climate[Q10] = qT ** ((t - tRef) / 10)
  }
  const hot = t > tMax
  const growth = calmGrowth(s, p, climate[GROWTH]!)
  const reference = p.rOpt * climate[GROWTH_AT_REFERENCE]!
  return {
    atC: t,
    growth,
    roused: growth * p.roused,
    waking: reference > 0 ? 1 / reference : 0,
    death: hot ? BAD_RATE : p.death * climate[Q10]!,
    ageing: climate[Q10]! / p.tau,
    readyAt: p.readyAt,
    crashPerWeek: p.crashPerWeek,
    feedsFrom: hot || growth <= 0 ? Infinity : SPENT,
    hot,
    days: NaN,
    fall: NaN,
    fallRoused: NaN,
    fade: NaN,
  }
}
/** Works out what a whole step of this length does. */
function pace(felt: Felt, days: number): void {
  felt.days = days
  felt.fall = Math.exp(-felt.growth * days)
  felt.fallRoused = felt.roused === felt.growth ? felt.fall : Math.exp(-felt.roused * days)
  felt.fade = Math.exp(-felt.death * days)
}
const feltAt = (s: LogisticState, p: LogisticParams, t: number): Felt =>
  s.felt?.atC === t ? s.felt : (s.felt = feel(s, p, t))

// Lengths of step are the same for all courses of a vessel.
const chanceWithin = lastAnswers((perWeek, days) => 1 - (1 - perWeek) ** (days / 7))

/** Below this quality the medium feeds nobody. */
const SPENT = 0.001
/** What is left of a crash. */
const GONE = 1e-4
/** Rate at which a vessel too hot or gone bad empties, 1/d. */
const BAD_RATE = 1

export function start(p: LogisticParams, setup: Setup, chance: RandomStream | null): LogisticState {
  const state: LogisticState = {
    x: Math.min(0.9, p.x0 * setup.starter),
    q: 1,
    ageD: 0,
    lagLeft: p.lag,
    peak: 0,
    badAtD: Infinity,
    crashed: false,
    taken: 0,
    setup,
    units: unitsOf(setup, p.perArea),
    air: airOf(liquidSurfaceCm2(setup.widthCm), setup.volumeL, p.surface),
    rousedD: 0,
    felt: null,
  }
  // A vessel that will fail does so on the way to readiness: contaminated, without a word.
  if (chance && chance.next() < p.failure)
    state.badAtD = chance.next() * (p.lag + Math.log(p.readyAt / Math.max(1e-6, state.x)) / p.rOpt)
  return state
}

// An engine makes less of Math.max, which must know of NaN and of the sign of zero.
const atLeast = (least: number, x: number) => (x > least ? x : least)
const within = (x: number) => atLeast(GONE * 1e-3, x < 1 ? x : 1)
const hasCollapsed = (x: number, peak: number) => x < GONE * 20 && peak > 0.05
/** Population from which a course may go bad by chance; Infinity for one that did or that runs without. */
const exposedFrom = (s: LogisticState, felt: Felt, chance: RandomStream | null) =>
  chance !== null && s.badAtD === Infinity ? felt.readyAt : Infinity

/**
 * Steps of one length at one temperature: closed form of the logistic with the quality of mid-step, so that half the step
 * changes the course by well under 1 %.
 * dx/dt = max(-d, r (1 - x/q)) x while awake; dq/dt = -(0.3 + 0.7 x) / tau.
 * The state is held in locals from the first step to the last, and numbers come from no function that an engine would not
 * write out here: each of those is boxed. This is where a reading of worms spends its time.
 */
export function steps(
  s: LogisticState,
  p: LogisticParams,
  { temperatureC }: Environment,
  hours: number,
  times: number,
  chance: RandomStream | null,
): void {
  const days = hours / 24
  const felt = feltAt(s, p, temperatureC)
  if (felt.days !== days) pace(felt, days)
  const { growth, roused, death, ageing, hot } = felt
  let exposed = exposedFrom(s, felt, chance)
  let { x, q, ageD, lagLeft, peak, badAtD, rousedD, crashed } = s
  for (let i = 0; i < times; i++) {
    const r = rousedD > 0 ? roused : growth
    rousedD = atLeast(0, rousedD - days)
    ageD += days
    if (x > exposed && chance!.next() < chanceWithin(felt.crashPerWeek, days)) {
      badAtD = ageD
      exposed = Infinity
    }
    let grow = days
    if (lagLeft > 0) {
      // Asleep for lag x r(Tref)/r(T): cold prolongs it, and a step may wake it in the middle.
      const woken = r * felt.waking * days
      grow = woken <= lagLeft ? 0 : days * (1 - lagLeft / woken)
      lagLeft = atLeast(0, lagLeft - woken)
      if (hot) x *= Math.exp(-death * (days - grow))
    }
    const qMid = atLeast(0, q - (ageing * (0.3 + 0.7 * x) * days) / 2)
    if (ageD > badAtD) {
      x *= Math.exp(-BAD_RATE * days)
      if (x < 0.02) crashed = true
    } else if (grow === days) {
      x = awake(x, qMid, r, felt)
    } else if (grow > 0) {
      x = waking(x, qMid, r, felt, grow)
    }
    q = atLeast(0, q - ageing * (0.3 + 0.7 * x) * days)
    x = within(x)
    peak = atLeast(peak, x)
    if (hasCollapsed(x, peak)) crashed = true
  }
  s.x = x
  s.q = q
  s.ageD = ageD
  s.lagLeft = lagLeft
  s.peak = peak
  s.badAtD = badAtD
  s.rousedD = rousedD
  s.crashed = crashed
}

export function step(
  s: LogisticState,
  p: LogisticParams,
  environment: Environment,
  hours: number,
  chance: RandomStream | null,
): void {
  steps(s, p, environment, hours, 1, chance)
}

/** x after a whole step awake. */
function awake(x: number, q: number, r: number, felt: Felt): number {
  if (q < felt.feedsFrom) return x * felt.fade
  if (r * (1 - x / q) < -felt.death) return dying(x, q, r, felt.death, felt.days)
  return (x * q) / (x + (q - x) * (r === felt.roused ? felt.fallRoused : felt.fall))
}

/** x after the step that it wakes in, awake for so many days of it. */
function waking(x: number, q: number, r: number, felt: Felt, days: number): number {
  if (q < felt.feedsFrom) return x * Math.exp(-felt.death * days)
  if (r * (1 - x / q) < -felt.death) return dying(x, q, r, felt.death, days)
  return (x * q) / (x + (q - x) * Math.exp(-r * days))
}

/** x where death bounds what is lost: exponential, until the logistic loses less than that. */
function dying(x: number, q: number, r: number, death: number, days: number): number {
  const hold = q * (1 + death / r)
  const until = Math.log(x / hold) / death
  if (until >= days) return x * Math.exp(-death * days)
  return (hold * q) / (hold + (q - hold) * Math.exp(-r * (days - until)))
}

/** So long growth is up after a stir or after air was let in, d (working estimate). */
const ROUSED_D = 5
/** Shares that a usual action takes or brings. */
const USUAL_TAKE = 0.2
const NEW_START = 0.2

export function act(s: LogisticState, p: LogisticParams, action: Action): void {
  switch (action.kind) {
    case 'feed':
      s.q = Math.min(1, s.q + p.qFeed * (action.unit === 'share' ? (action.amount ?? 1) : 1))
      return
    case 'takeOut': {
      const share = actionShare(action, s.setup.volumeL, USUAL_TAKE) * p.reach
      s.taken += s.x * share
      s.x *= 1 - share
      return
    }
    case 'split': {
      const share = actionShare(action, s.setup.volumeL, 0.5)
      s.taken += s.x * share
      s.x *= 1 - share
      return
    }
    // Fresh medium with a fifth of the old in it: young again, thinned.
    case 'renew': {
      const kept = actionShare(action, s.setup.volumeL, NEW_START)
      s.taken += s.x * (1 - kept)
      s.x *= kept
      s.q = 1
      s.peak = s.x
      if (!s.crashed) s.badAtD = Infinity
      return
    }
    case 'waterChange':
      s.q = Math.min(1, s.q + 0.1 * actionShare(action, s.setup.volumeL, 0.2))
      return
    case 'poison':
      s.badAtD = Math.min(s.badAtD, s.ageD)
      return
    // Worms that are broken or moved grow again from each part; what lives by its surface is roused by air alone.
    case 'stir':
      if (p.surface <= 0) s.rousedD = ROUSED_D
      return
    // The same animals under a surface as wide as the numbers hold for: more of them can live.
    case 'lower': {
      const wide = Math.max(s.air, 1)
      s.x *= s.air / wide
      s.air = wide
      s.felt = null
      s.rousedD = ROUSED_D
      return
    }
    case 'dose':
    case 'topUp':
      return
  }
}
