import type { RandomStream } from '../../math/random'
import { decay, meanDecay } from '../../math/decay'
import { lastAnswers } from '../../math/lastAnswers'
import { actionMgPerL, actionShare, type Action, type Environment, type Setup } from '../contract'
import { BAD_LOSS, READY, type SuccessionParams } from './parameters'

export interface SuccessionState {
  /** Matter, dissolved substrate, bacteria, ciliates, mg/L. */
  m: number
  s: number
  b: number
  c: number
  loss: number
  ageD: number
  peakB: number
  peakC: number
  past: boolean
  wasReady: boolean
  /** Mould or poison got in: what dies in it rots. */
  turned: boolean
  start: number
  added: number
  taken: number
  lost: number
  m0: number
  setup: Setup
}

/** Field by field: an engine steps what it sees written out twice as fast as what was spread. */
export const copy = (s: SuccessionState): SuccessionState => ({
  m: s.m,
  s: s.s,
  b: s.b,
  c: s.c,
  loss: s.loss,
  ageD: s.ageD,
  peakB: s.peakB,
  peakC: s.peakC,
  past: s.past,
  wasReady: s.wasReady,
  turned: s.turned,
  start: s.start,
  added: s.added,
  taken: s.taken,
  lost: s.lost,
  m0: s.m0,
  setup: s.setup,
})

// The same for all courses of a vessel.
const pace = lastAnswers((q10, t) => q10 ** ((t - 22) / 10))
const ciliatePace = lastAnswers((q10, t) => q10 ** ((t - 22) / 10))

/** Sub-steps, d, while the jar turns over and while it hardly moves. */
const FINEST_D = 30 / 60 / 24
const COARSEST_D = 3 / 24
/** Share of bacteria that may come and go in a sub-step: within 1 % of two-minute steps. */
const TURN = 0.05

/**
 * Sub-steps of so many days, by how fast bacteria grow and are eaten as they begin.
 * The exponential midpoint stays positive at any.
 */
function subSteps(days: number, turnPerDay: number): number {
  const sub = Math.min(COARSEST_D, Math.max(FINEST_D, TURN / turnPerDay))
  return Math.ceil(days / sub - 1e-9)
}
const ABOVE_MAX = 1

export function start(
  p: SuccessionParams,
  setup: Setup,
  chance: RandomStream | null,
): SuccessionState {
  const m = p.matterPerG * setup.matterGPerL
  const c = p.c0 * setup.starter
  const bad = chance !== null && chance.next() < p.failure
  return {
    m,
    s: p.s0,
    b: p.b0,
    c,
    loss: bad ? BAD_LOSS[0] + chance!.next() * (BAD_LOSS[1] - BAD_LOSS[0]) : p.loss,
    ageD: 0,
    peakB: p.b0,
    peakC: c,
    past: false,
    wasReady: false,
    turned: false,
    start: m + p.s0 + p.b0 + c,
    added: 0,
    taken: 0,
    lost: 0,
    m0: Math.max(1, m),
    setup,
  }
}

/** Fluxes move mass from pool to pool (exponential midpoint): what leaves one enters another or the account of losses, so mass closes exactly. */
export function step(
  st: SuccessionState,
  p: SuccessionParams,
  { temperatureC }: Environment,
  hours: number,
): void {
  const hot = temperatureC > p.tMax ? ABOVE_MAX : 0
  move(st, p, temperatureC, hot, hours / 24)
  st.ageD += hours / 24
  if (st.b > st.peakB) st.peakB = st.b
  if (st.c > st.peakC) st.peakC = st.c
  if (!st.past && st.peakB > READY.bacteria && st.b < 0.7 * st.peakB) st.past = true
  if (st.past && st.b < READY.bacteria && st.c > READY.ciliates) st.wasReady = true
}

/** What a pool holds after a time with a steady inflow and a loss in proportion to what it holds. */
function held(pool: number, inflow: number, rate: number, dt: number): number {
  const gone = rate * dt
  const e = decay(gone)
  return pool * e + inflow * meanDecay(gone, e)
}

/**
 * Each pool loses in proportion to itself, at rates taken from the middle of the step: positive however fast the food turns over.
 * Pools are held in locals over all sub-steps: this is where an estimate spends its time.
 */
function move(
  st: SuccessionState,
  p: SuccessionParams,
  temperatureC: number,
  hot: number,
  days: number,
): void {
  const f = pace(2, temperatureC)
  const fCiliates = ciliatePace(p.qCiliates, temperatureC)
  const { ks, kb, growthShare, recycled } = p
  const use = (f * p.mu) / p.yield
  const grazing = fCiliates * p.graze
  const turn = (f * p.mu * st.s) / (ks + st.s) + (grazing * st.c) / (kb + st.b)
  const n = subSteps(days, turn)
  const dt = days / n
  const h = dt / 2
  const dieB = f * p.deathB + hot
  const dieC = fCiliates * (p.deathC + st.loss) + hot
  const breaking = f * p.hydrolysis
  const kept = decay(breaking * dt)
  let { m, s, b, c, lost } = st
  for (let i = 0; i < n; i++) {
    const brokenHalf = breaking * m * h
    const sHalf = held(s, brokenHalf, (use * b) / (ks + s), h)
    const grazeHalf = (grazing * c) / (kb + b)
    const bHalf = held(b, p.yield * Math.max(0, s + brokenHalf - sHalf), grazeHalf + dieB, h)
    const cHalf = held(c, growthShare * grazeHalf * ((b + bHalf) / 2) * h, dieC, h)

    const broken = m - m * kept
    const sEnd = held(s, broken, (use * bHalf) / (ks + sHalf), dt)
    const eaten = Math.max(0, s + broken - sEnd)
    const grown = eaten * p.yield
    const graze = (grazing * cHalf) / (kb + bHalf)
    const goneB = Math.max(0, b + grown - held(b, grown, graze + dieB, dt))
    const eatenB = (goneB * graze) / Math.max(1e-12, graze + dieB)
    const toC = growthShare * eatenB
    const back = recycled * (goneB - eatenB)
    const cEnd = held(c, toC, dieC, dt)
    lost += eaten - grown + (goneB - toC - back) + (c + toC - cEnd)
    m += back - broken
    s += broken - eaten
    b += grown - goneB
    c = cEnd
  }
  st.m = m
  st.s = s
  st.b = b
  st.c = c
  st.lost = lost
}

/** Usual feed of a tiring jar, mg/L, and usual harvest. */
/** A feed without an amount, mg of plant matter per litre. */
export const USUAL_FEED = 60
const USUAL_TAKE = 0.2

export function act(st: SuccessionState, p: SuccessionParams, action: Action): void {
  const { volumeL } = st.setup
  const pour = (share: number) => {
    st.taken += (st.s + st.b + st.c) * share
    st.s *= 1 - share
    st.b *= 1 - share
    st.c *= 1 - share
    // What is drawn is no decline.
    st.peakC *= 1 - share
  }
  switch (action.kind) {
    case 'feed':
    case 'dose': {
      const mg = actionMgPerL(action, volumeL, USUAL_FEED)
      st.m += mg
      st.added += mg
      return
    }
    case 'takeOut':
    case 'waterChange':
      return pour(actionShare(action, volumeL, USUAL_TAKE))
    case 'split':
      return pour(actionShare(action, volumeL, 0.5))
    case 'renew': {
      const seed = Math.max(p.c0, st.c * 0.05)
      const old = st.m + st.s + st.b + st.c
      const fresh = start(p, st.setup, null)
      Object.assign(st, {
        m: fresh.m,
        s: fresh.s,
        b: fresh.b,
        c: seed,
        ageD: 0,
        peakB: fresh.b,
        peakC: seed,
        past: false,
        wasReady: false,
        turned: false,
      })
      st.taken += old
      st.added += fresh.m + fresh.s + fresh.b + seed
      return
    }
    case 'poison':
      st.loss = Math.max(st.loss, BAD_LOSS[1] * 2)
      st.turned = true
      return
    case 'stir':
    case 'topUp':
      return
  }
}
