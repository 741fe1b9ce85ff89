import type { RandomStream } from '../../math/random'
import { decay } from '../../math/decay'
import { lastAnswers } from '../../math/lastAnswers'
import { actionMgPerL, actionShare, type Action, type Environment, type Setup } from '../contract'
import { cappedQ10 } from '../thermal'
import { lightLimit, meanLight } from './light'
import type { PhototrophParams } from './parameters'

export interface PhototrophState {
  /** Algae, mg/L; nitrogen, mg/L. */
  x: number
  n: number
  ageD: number
  /** Days since the vessel was sterile. */
  sterileD: number
  lagLeft: number
  /** Days for which nitrogen has been below 5 % of its start. */
  spentD: number
  /** Density at which the light no longer carries it. */
  limit: number
  depthM: number
  /** Loss to animals that graze it, 1/d. */
  grazed: number
  peak: number
  crashed: boolean
  /** Nitrogen accounts, mg N/L. */
  start: number
  added: number
  taken: number
  lost: number
  setup: Setup
}

/** Field by field: an engine steps what it sees written out twice as fast as what was spread. */
export const copy = (s: PhototrophState): PhototrophState => ({
  x: s.x,
  n: s.n,
  ageD: s.ageD,
  sterileD: s.sterileD,
  lagLeft: s.lagLeft,
  spentD: s.spentD,
  limit: s.limit,
  depthM: s.depthM,
  grazed: s.grazed,
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

const SUB_H = 1
const DEATH = 1
const SPENT_SHARE = 0.05
const SPENT_DAYS = 3

export function start(
  p: PhototrophParams,
  setup: Setup,
  _chance: RandomStream | null,
): PhototrophState {
  const x = p.x0 * setup.starter
  const depthM = setup.widthCm / 100
  return {
    x,
    n: p.n0,
    ageD: 0,
    sterileD: 0,
    lagLeft: p.lag,
    spentD: 0,
    limit: lightLimit(p, depthM),
    depthM,
    grazed: 0,
    peak: x,
    crashed: false,
    start: p.n0 + x / p.yield,
    added: 0,
    taken: 0,
    lost: 0,
    setup,
  }
}

/** Light, nitrogen and shade by sub-steps; what ages it once a step. */
export function step(
  s: PhototrophState,
  p: PhototrophParams,
  { temperatureC: t }: Environment,
  hours: number,
  chance: RandomStream | null,
): void {
  const q = pace(t, p.q10, 22, p.tOpt, p.tMax)
  const hot = t >= p.tMax
  move(s, p, q, (s.crashed || hot ? DEATH : 0) + s.grazed, hours)
  const days = hours / 24
  s.ageD += days
  s.sterileD += days
  s.peak = Math.max(s.peak, s.x)
  s.spentD = s.n < SPENT_SHARE * p.n0 ? s.spentD + days : 0
  if (chance && !s.crashed && chance.next() < 1 - Math.exp(-hazard(s, p, hot) * days))
    s.crashed = true
  if (s.x < 1e-4) s.crashed = true
}

/** Nitrogen against that of fresh medium beyond which a vessel fouls: feed that is never taken out again (working estimate). */
const LADEN = 2
const LADEN_RISK = 0.003

/** Chance of a crash, 1/d: age since sterile, shade, hunger, load, heat. */
export function hazard(s: PhototrophState, p: PhototrophParams, hot: boolean): number {
  return (
    p.openHazard +
    0.0002 * s.sterileD +
    0.3 * Math.max(0, s.x / s.limit - 0.7) ** 2 +
    (s.spentD > SPENT_DAYS ? 0.06 : 0) +
    LADEN_RISK * Math.max(0, (s.n + s.x / p.yield) / p.n0 - LADEN) ** 2 +
    (hot ? 0.3 : 0)
  )
}

/**
 * Sub-steps of at most an hour of light that end at lights-on and lights-off; explicit midpoint, nitrogen
 * closes exactly.
 * Pools are held in locals over all of them: this is where an estimate spends its time.
 */
function move(
  s: PhototrophState,
  p: PhototrophParams,
  q: number,
  death: number,
  hours: number,
): void {
  const { depthM } = s
  const { litH } = p
  const fall = p.resp * q + death
  const best = p.muMax * q
  const perN = p.yield
  let { x, n, lagLeft, lost } = s
  let left = hours
  let clock = (s.ageD * 24) % 24
  while (left > 1e-9) {
    const lit = clock < litH - 1e-9
    const toSwitch = Math.max((lit ? litH : 24) - clock, 1e-6)
    // The dark goes in one step: nothing but a steady loss, which is exact at any length.
    const h = Math.min(left, lit ? SUB_H : 24, toSwitch)
    const dt = h / 24
    const growing = Math.max(0, dt - lagLeft)
    lagLeft = Math.max(0, lagLeft - dt)
    left -= h
    clock += h
    if (clock >= 24 - 1e-9) clock -= 24
    if (!lit || growing === 0) {
      const stays = x * Math.exp(-fall * dt)
      lost += (x - stays) / perN
      x = stays
      continue
    }
    const mu0 = rate(p, best, depthM, x, n)
    const net = ((mu0 - fall) * growing) / 2
    const xHalf = x * (net > 0 ? 1 + net * (1 + net / 2) : decay(-net))
    const nHalf = Math.max(0, n - (mu0 * x * growing) / 2 / perN)
    const grown = Math.min(n * perN, rate(p, best, depthM, xHalf, nHalf) * xHalf * growing)
    const spent = Math.min(x + grown, fall * xHalf * dt)
    x += grown - spent
    n = Math.max(0, n - grown / perN)
    lost += spent / perN
  }
  s.x = x
  s.n = n
  s.lagLeft = lagLeft
  s.lost = lost
}

/** Growth, 1/d. @param best at full light and nitrogen, at this temperature */
function rate(p: PhototrophParams, best: number, depthM: number, x: number, n: number): number {
  const i = meanLight(p, x, depthM)
  return best * (i / (i + p.ki)) * (n / (n + p.kn))
}

const USUAL_TAKE = 0.25

export function act(s: PhototrophState, p: PhototrophParams, action: Action): void {
  switch (action.kind) {
    // Old water out, plain water or medium in: what ages a vessel goes with it.
    case 'waterChange': {
      const share = actionShare(action, s.setup.volumeL, USUAL_TAKE)
      const fresh = p.n0 * p.waterN
      s.taken += (s.x / p.yield + s.n) * share
      s.x *= 1 - share
      s.n += (fresh - s.n) * share
      s.added += fresh * share
      s.sterileD *= 1 - share
      return
    }
    // Taken and made up with fresh medium.
    case 'takeOut':
    case 'split': {
      const share = actionShare(action, s.setup.volumeL, action.kind === 'split' ? 0.5 : USUAL_TAKE)
      s.taken += (s.x / p.yield + s.n) * share
      s.x *= 1 - share
      s.n += (p.n0 - s.n) * share
      s.added += p.n0 * share
      return
    }
    case 'feed':
    case 'dose':
    case 'topUp': {
      const mg = actionMgPerL(action, s.setup.volumeL, p.n0 / 4)
      s.n += mg
      s.added += mg
      return
    }
    case 'renew': {
      const kept = Math.min(s.x, p.x0 * s.setup.starter)
      s.taken += (s.x - kept) / p.yield + s.n
      s.added += p.n0
      Object.assign(s, {
        x: kept,
        n: p.n0,
        sterileD: 0,
        lagLeft: p.lag,
        spentD: 0,
        grazed: 0,
        peak: kept,
      })
      if (kept > 1e-2) s.crashed = false
      return
    }
    case 'poison':
      s.crashed = true
      return
    case 'stir':
  }
}
