import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countLikelihood, gradeChance } from '@renatus/core/estimation/observation'
import { estimate, type EstimateInput } from '@renatus/core/estimation/particleFilter'
import { foodOf } from '@renatus/core/foods/index'
import { sloppyCulture } from './sloppy'

const worm = foodOf('microworm')!
const input = (more: Partial<EstimateInput> = {}): EstimateInput => ({ food: worm, method: worm.methods[0]!, setup: { volumeL: 0.3 }, temperatureC: 23, observations: [], atH: 120, seed: 3, ...more })
const of = (k: ReturnType<typeof sloppyCulture>) => estimate({ food: k.food, method: k.method, setup: k.setup, temperatureC: k.c, observations: k.observations, atH: k.days * 24, seed: 9 })
const sum = (o: object) => Object.values(o).reduce((a: number, b) => a + (b as number), 0)

describe('an observation', () => {
  it('grades share out the whole of chance, and the expected one is likeliest', () => {
    fc.assert(fc.property(fc.double({ min: 0, max: 3, noNaN: true }), fc.double({ min: 0.2, max: 0.8, noNaN: true }), (mean, sd) => {
      const chances = [0, 1, 2, 3].map(g => gradeChance(g, mean, sd))
      expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 2)
      expect(chances.indexOf(Math.max(...chances))).toBe(Math.max(0, Math.min(3, Math.round(mean))))
      expect(Math.min(...chances)).toBeGreaterThan(0)
    }), { seed: 51 })
  })
  it('a count is likeliest where it was made, and no count, however large, breaks the sum', () => {
    expect(countLikelihood(40, 0.5, 80)).toBeGreaterThan(countLikelihood(40, 0.5, 160))
    expect(Number.isFinite(countLikelihood(1e9, 0.5, 80))).toBe(true)
  })
})

describe('reading a vessel', () => {
  it('without a look it says what the book says, with its doubt; the same seed says the same', () => {
    const e = estimate(input())
    expect(sum(e.readiness)).toBeCloseTo(1, 6)
    expect(sum(e.stages)).toBeCloseTo(1, 6)
    expect(e.density.p90 / e.density.p10).toBeGreaterThan(3)
    expect(estimate(input())).toEqual(e)
    expect(e.nextLook).not.toBeNull()
  })
  it('looks narrow it: a swarming wall is a ready vessel, a still and sour one is not', () => {
    const seen = (signs: object, h = 108) => estimate(input({ observations: [{ h, kind: 'look', signs }] }))
    const good = seen({ movers: 3, climbing: 3, smell: 0, sediment: 0 })
    const bad = seen({ movers: 0, climbing: 0, smell: 3, film: 3 })
    expect(good.readiness.ready).toBeGreaterThan(estimate(input()).readiness.ready)
    expect(good.density.p90 / good.density.p10).toBeLessThan(estimate(input()).density.p90 / estimate(input()).density.p10)
    expect(bad.pFailed).toBeGreaterThan(good.pFailed + 0.3)
  })
  it('a count weighs more than a look: the density comes down on it', () => {
    const moina = foodOf('moina')!
    const e = estimate(input({ food: moina, method: moina.methods[1]!, setup: { volumeL: 10 }, temperatureC: 25, atH: 240, observations: [{ h: 239, kind: 'count', animals: 30, ml: 100 }] }))
    expect(e.density.p50).toBeGreaterThan(0.18)
    expect(e.density.p50).toBeLessThan(0.5)
  })
  it('contradictions, looks before the start and after the moment, and an empty list are all answered', () => {
    const e = estimate(input({ observations: [{ h: 100, kind: 'look', signs: { movers: 0 } }, { h: 101, kind: 'look', signs: { movers: 3 } }, { h: -50, kind: 'look', signs: { movers: 3 } }, { h: 900, kind: 'look', signs: { movers: 0, smell: 3 } }] }))
    expect(sum(e.readiness)).toBeCloseTo(1, 6)
    expect(e).toEqual(estimate(input({ observations: [{ h: 101, kind: 'look', signs: { movers: 3 } }, { h: 100, kind: 'look', signs: { movers: 0 } }] })))
  })
  it('a cold room that was read delays the ready date; what was taken out is gone', () => {
    const cold = estimate(input({ atH: 48, observations: [{ h: 1, kind: 'temperature', c: 15 }] }))
    expect(cold.readyH!.p50).toBeGreaterThan(estimate(input({ atH: 48 })).readyH!.p50 + 48)
    const taken = estimate(input({ atH: 240, observations: [{ h: 239, kind: 'action', action: { kind: 'takeOut', amount: 0.9, unit: 'share' } }] }))
    expect(taken.organisms.p50).toBeLessThan(estimate(input({ atH: 240 })).organisms.p50 / 4)
  })
  it('on vessels whose truth it does not see, the 80 % band holds the truth in most, and the ready day is near', () => {
    const read = Array.from({ length: 40 }, (_, i) => sloppyCulture('microworm', 'oats', 5, 23, i + 1)).map(k => ({ k, e: of(k) }))
    const held = read.filter(({ k, e }) => k.density >= e.density.p10 && k.density <= e.density.p90).length
    expect(held / 40).toBeGreaterThan(0.65)
    const off = read.filter(({ k, e }) => k.readyDay !== null && e.readyH).map(({ k, e }) => Math.abs(e.readyH!.p50 / 24 - k.readyDay!)).sort((a, b) => a - b)
    expect(off[Math.floor(off.length / 2)]!).toBeLessThan(1.1)
    const healthy = read.filter(({ k }) => k.readyDay !== null)
    expect(healthy.filter(({ e }) => e.pFailed > 0.5).length / healthy.length).toBeLessThan(0.1)
  }, 60_000)
})
