import type { RandomStream } from '../../math/random'
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
  start: number
  added: number
  taken: number
  lost: number
  m0: number
  setup: Setup
}

/** Largest sub-step, d; shorter where the substrate turns over faster. */
const SUB_D = 15 / 60 / 24
/** A sub-step may turn over at most this share of the substrate. */
const TURNOVER = 0.2
const MOST_SPLITS = 64
const ABOVE_MAX = 1

export function start(p: SuccessionParams, setup: Setup, chance: RandomStream | null): SuccessionState {
  const m = p.matterPerG * setup.matterGPerL
  const c = p.c0 * setup.starter
  const bad = chance !== null && chance.next() < p.failure
  return {
    m, s: p.s0, b: p.b0, c, loss: bad ? BAD_LOSS[0] + chance!.next() * (BAD_LOSS[1] - BAD_LOSS[0]) : p.loss, ageD: 0, peakB: p.b0, peakC: c, past: false, wasReady: false,
    start: m + p.s0 + p.b0 + c, added: 0, taken: 0, lost: 0, m0: Math.max(1, m), setup,
  }
}

/** Fluxes move mass from pool to pool (explicit midpoint): what leaves one enters another or the account of losses, so mass closes exactly. */
export function step(st: SuccessionState, p: SuccessionParams, { temperatureC }: Environment, hours: number): void {
  const f = 2 ** ((temperatureC - 22) / 10)
  const hot = temperatureC > p.tMax ? ABOVE_MAX : 0
  let left = hours / 24
  while (left > 1e-12) {
    const turnover = (f * p.mu * st.b) / (p.yield * (p.ks + st.s)) + (f * p.graze * st.c) / (p.kb + st.b)
    const dt = Math.min(left, SUB_D, Math.max(SUB_D / MOST_SPLITS, TURNOVER / Math.max(turnover, 1e-9)))
    sub(st, p, f, hot, dt)
    left -= dt
  }
  st.ageD += hours / 24
  if (st.b > st.peakB) st.peakB = st.b
  if (st.c > st.peakC) st.peakC = st.c
  if (!st.past && st.peakB > READY.bacteria && st.b < 0.7 * st.peakB) st.past = true
  if (st.past && st.b < READY.bacteria && st.c > READY.ciliates) st.wasReady = true
}

function sub(st: SuccessionState, p: SuccessionParams, f: number, hot: number, dt: number): void {
  const h = dt / 2
  // Mid-step state.
  const a0 = f * p.hydrolysis * st.m
  const u0 = (f * p.mu * st.s * st.b) / (p.ks + st.s)
  const g0 = (f * p.graze * st.b * st.c) / (p.kb + st.b)
  const m = st.m - a0 * h
  const s = Math.max(0, st.s + (a0 - u0 / p.yield) * h)
  const b = Math.max(0, st.b + (u0 - g0 - f * p.deathB * st.b) * h)
  const c = Math.max(0, st.c + (p.growthShare * g0 - (f * p.deathC + f * st.loss + hot) * st.c) * h)
  // Fluxes of the whole step from there, never more than a pool holds.
  const broken = Math.min(st.m, f * p.hydrolysis * m * dt)
  const eaten = Math.min(st.s + broken, ((f * p.mu * s * b) / (p.ks + s) / p.yield) * dt)
  const grown = eaten * p.yield
  const deadB = Math.min(st.b, (f * p.deathB + hot) * b * dt)
  const grazed = Math.min(st.b + grown - deadB, ((f * p.graze * b * c) / (p.kb + b)) * dt)
  const deadC = Math.min(st.c, (f * p.deathC + f * st.loss + hot) * c * dt)
  st.m -= broken
  st.s += broken - eaten
  st.b += grown - grazed - deadB
  st.c += p.growthShare * grazed - deadC
  st.lost += eaten - grown + grazed * (1 - p.growthShare) + deadB + deadC
}

/** Usual feed of a tiring jar, mg/L, and usual harvest. */
const USUAL_FEED = 60
const USUAL_TAKE = 0.2

export function act(st: SuccessionState, p: SuccessionParams, action: Action): void {
  const { volumeL } = st.setup
  const pour = (share: number) => {
    st.taken += (st.s + st.b + st.c) * share
    st.s *= 1 - share
    st.b *= 1 - share
    st.c *= 1 - share
  }
  switch (action.kind) {
    case 'feed': case 'dose': {
      const mg = actionMgPerL(action, volumeL, USUAL_FEED)
      st.m += mg
      st.added += mg
      return
    }
    case 'takeOut': case 'waterChange': return pour(actionShare(action, volumeL, USUAL_TAKE))
    case 'split': return pour(actionShare(action, volumeL, 0.5))
    case 'renew': {
      const seed = Math.max(p.c0, st.c * 0.05)
      const old = st.m + st.s + st.b + st.c
      const fresh = start(p, st.setup, null)
      Object.assign(st, { m: fresh.m, s: fresh.s, b: fresh.b, c: seed, ageD: 0, peakB: fresh.b, peakC: seed, past: false, wasReady: false })
      st.taken += old
      st.added += fresh.m + fresh.s + fresh.b + seed
      return
    }
    case 'poison': st.loss = Math.max(st.loss, BAD_LOSS[1] * 2); return
    case 'stir': case 'topUp': return
  }
}
