import { describe, expect, it } from 'vitest'
import { ctmi } from '@renatus/core/math/ctmi'
import { cappedQ10 } from '@renatus/core/dynamics/thermal'
import type { LogisticParams } from '@renatus/core/dynamics/logistic/parameters'
import type { LogisticState } from '@renatus/core/dynamics/logistic/state'
import type { ConsumerParams } from '@renatus/core/dynamics/consumer/parameters'
import { hazard as consumerHazard, type ConsumerState } from '@renatus/core/dynamics/consumer/step'
import { hazard as algaeHazard, type PhototrophState } from '@renatus/core/dynamics/phototroph/step'
import { thinningShare } from '@renatus/core/dynamics/phototroph/light'
import type { PhototrophParams } from '@renatus/core/dynamics/phototroph/parameters'
import type { SuccessionParams } from '@renatus/core/dynamics/succession/parameters'
import type { SuccessionState } from '@renatus/core/dynamics/succession/step'
import { foodOf } from '@renatus/core/foods/index'
import { runCulture, startCulture } from '@renatus/core/foods/culture'
import { draw, parameter, withFactors, type ParameterSet } from '@renatus/core/dynamics/parameter'
import { randomStream } from '@renatus/core/math/random'

const start = (id: string, starter = 1) =>
  startCulture(
    foodOf(id)!,
    { ...foodOf(id)!.methods[0]!, upkeep: [] },
    { volumeL: 5, starter },
    null,
  )

describe('families against the plainest integration of their equations', () => {
  it('logistic: forward steps of half a minute', () => {
    const k = start('microworm')
    const p = k.params as unknown as LogisticParams
    const c = 22
    let { x, q } = k.state as LogisticState
    const r = p.rOpt * ctmi(c, p.tMin, p.tOpt, p.tMax)
    const lag = (p.lag * p.rOpt * ctmi(p.tRef, p.tMin, p.tOpt, p.tMax)) / r
    const qT = p.qT ** ((c - p.tRef) / 10)
    const dt = 1 / 2880
    for (let i = 0; i < 40 / dt; i++) {
      const rate = q < 0.001 ? -p.death * qT : Math.max(-p.death * qT, r * (1 - x / q))
      if (i * dt >= lag) x += rate * x * dt
      q = Math.max(0, q - (qT / p.tau) * (0.3 + 0.7 * x) * dt)
      if ((i + 1) % (2880 * 10) === 0) {
        runCulture(k, 240, () => c, null)
        expect((k.state as LogisticState).x / x).toBeCloseTo(1, 1)
        expect((k.state as LogisticState).q).toBeCloseTo(q, 1)
      }
    }
  })
  it('succession: forward steps of five seconds', () => {
    const k = start('infusoria')
    const p = k.params as unknown as SuccessionParams
    let { m, s, b, c } = k.state as SuccessionState
    const dt = 1 / 17_280
    for (let i = 0; i < 9 / dt; i++) {
      const u = ((p.mu * s) / (p.ks + s)) * b
      const g = ((p.graze * b) / (p.kb + b)) * c
      const a = p.hydrolysis * m
      m += (p.recycled * p.deathB * b - a) * dt
      s += (a - u / p.yield) * dt
      b += (u - g - p.deathB * b) * dt
      c += (p.growthShare * g - p.deathC * c) * dt
      if ((i + 1) % (17_280 * 3) === 0) {
        runCulture(k, 72, () => 22, null)
        const t = k.state as SuccessionState
        expect(t.m / m).toBeCloseTo(1, 2)
        if (b > 1) expect(t.b / b).toBeCloseTo(1, 1)
        expect(t.c / c).toBeCloseTo(1, 1)
      }
    }
  })
  it('consumer: forward steps of five seconds, fed once', () => {
    const k = start('moina', 10)
    const p = k.params as unknown as ConsumerParams
    k.family.act(k.state, k.params, { kind: 'feed' })
    let { f, d, x } = k.state as ConsumerState
    expect(f).toBe(p.dose)
    const dt = 1 / 17_280
    for (let i = 0; i < 2 / dt; i++) {
      const intake = ((p.iMax * f) / (f + p.kf)) * Math.min(1, i * dt)
      const [df, dd, dx] = [
        -intake * x - p.settling * f - p.rotting * f,
        p.settling * f - p.rotting * d,
        x * (p.assimilation * intake - p.rho),
      ]
      f += df * dt
      d += dd * dt
      x += dx * dt
    }
    runCulture(k, 48, () => 25, null)
    const t = k.state as ConsumerState
    expect([t.f / f, t.d / d, t.x / x]).toEqual([1, 1, 1].map(n => expect.closeTo(n, 2)))
  })
})

describe('what endangers a vessel', () => {
  it('consumers: crowding beyond the limit, ammonia, a day of too much food, bad water; by school and volume', () => {
    const k = start('moina')
    const p = k.params as unknown as ConsumerParams
    const s = { ...(k.state as ConsumerState), calm: 1 }
    const of = (more: Partial<ConsumerState>) => consumerHazard({ ...s, ...more }, p)
    const usual = 0.0012 * p.risk
    expect(of({})).toBeCloseTo(usual, 9)
    expect(of({ x: p.limit * p.dryMg })).toBeCloseTo(usual, 9)
    expect(of({ x: 1.4 * p.limit * p.dryMg })).toBeCloseTo(usual + 0.25 * 0.16 * p.risk, 9)
    expect(of({ a: 5 })).toBeCloseTo(usual + 0.015 * p.risk, 9)
    expect(of({ overfedD: 1 })).toBeCloseTo(usual + 0.3, 9)
    expect(of({ bad: 1 })).toBeCloseTo(usual + 0.5 * p.risk, 9)
    expect(of({ calm: 0.5, x: 2 * p.limit * p.dryMg })).toBeCloseTo(
      0.5 * (usual + 0.25 * p.risk),
      9,
    )
  })
  it('algae: age since sterile, shade beyond 70 % of the light limit, hunger for three days, heat', () => {
    const k = start('green-water')
    const p = k.params as unknown as PhototrophParams
    const s = k.state as PhototrophState
    const of = (more: Partial<PhototrophState>, hot = false) =>
      algaeHazard({ ...s, ...more }, p, hot)
    // The nitrogen of its medium and of its start is no load.
    expect(of({})).toBeCloseTo(0.002, 6)
    expect(of({ sterileD: 50 })).toBeCloseTo(0.012, 6)
    const load = (s.limit * 1.7) / p.yield / p.n0 + 1
    expect(of({ x: s.limit * 1.7, n: p.n0 })).toBeCloseTo(
      0.302 + 0.003 * Math.max(0, load - 2) ** 2,
      3,
    )
    expect(of({ n: 5 * p.n0, x: 0 })).toBeCloseTo(0.002 + 0.003 * 9, 6)
    expect(of({ spentD: 3.5 })).toBeCloseTo(0.062, 6)
    expect(of({}, true)).toBeCloseTo(0.302, 6)
  })
  it('the advised share of an algal vessel is what its growth replaces: more light or warmth, more; a deeper jar, less', () => {
    const p = start('marine-phytoplankton').params as unknown as PhototrophParams
    const share = thinningShare(p, 0.12, 1)
    expect(share).toBeGreaterThan(0.15)
    expect(share).toBeLessThan(0.25)
    expect(thinningShare({ ...p, i0: 300 }, 0.12, 1)).toBeGreaterThan(share)
    expect(thinningShare(p, 0.3, 1)).toBeLessThan(share)
    expect(thinningShare(p, 0.12, 0.5)).toBeLessThan(share)
  })
})

describe('temperature and parameters', () => {
  it('cardinal temperatures: nothing outside, all at the optimum, less on both sides', () => {
    expect([4, 5, 33, 40].map(t => ctmi(t, 5, 26, 33))).toEqual([0, 0, 0, 0])
    expect(ctmi(26, 5, 26, 33)).toBeCloseTo(1, 9)
    expect(ctmi(20, 5, 26, 33)).toBeLessThan(1)
    expect(ctmi(31, 5, 26, 33)).toBeLessThan(1)
  })
  it('Q10 rises to its cap, is held there by the optimum, and falls to nothing at the maximum', () => {
    expect(cappedQ10(25, 2.2, 25, 30, 35)).toBe(1)
    expect(cappedQ10(30, 2.2, 25, 30, 35)).toBeCloseTo(2.2 ** 0.5, 9)
    expect(cappedQ10(32.5, 2.2, 25, 30, 35)).toBeCloseTo(2.2 ** 0.5 / 2, 9)
    expect(cappedQ10(35, 2.2, 25, 30, 35)).toBe(0)
  })
  it('draws are log-normal around their medians, and factors move the median', () => {
    const set: ParameterSet<{ a: number; fixed: number }> = {
      a: parameter(2, 0.3, 'x'),
      fixed: parameter(7, 0, 'x'),
    }
    const chance = randomStream(9)
    const logs = Array.from({ length: 4000 }, () => Math.log(draw(set, chance).a / 2))
    expect(logs.reduce((x, y) => x + y, 0) / logs.length).toBeCloseTo(0, 1)
    expect(Math.sqrt(logs.reduce((x, y) => x + y * y, 0) / logs.length)).toBeCloseTo(0.3, 1)
    expect(draw(set, null)).toEqual({ a: 2, fixed: 7 })
    expect(draw(withFactors(set, { a: 1.5 }), null).a).toBe(3)
  })
})
