import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { densityOf } from '@renatus/core/estimation/counting'
import { poissonCdf, poissonInterval } from '@renatus/core/math/poisson'
import { randomStream } from '@renatus/core/math/random'

describe('the interval of a count', () => {
  it('is the exact one of the tables: 0, 1, 5, 10, 50', () => {
    const table: [number, number, number][] = [
      [0, 0, 3.689],
      [1, 0.0253, 5.572],
      [5, 1.623, 11.668],
      [10, 4.795, 18.39],
      [50, 37.11, 65.92],
    ]
    for (const [n, lo, hi] of table) {
      expect(poissonInterval(n)[0]).toBeCloseTo(lo, 2)
      expect(poissonInterval(n)[1]).toBeCloseTo(hi, 2)
    }
  })
  it('has its tails where it says, and meets the approximation where that takes over', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1500 }), n => {
        const [lo, hi] = poissonInterval(n)
        expect(1 - poissonCdf(n - 1, lo)).toBeCloseTo(0.025, 6)
        expect(poissonCdf(n, hi)).toBeCloseTo(0.025, 6)
      }),
      { seed: 41, numRuns: 40 },
    )
    const [exact, near] = [poissonInterval(2000), poissonInterval(2001)]
    expect(near[0] / exact[0]).toBeCloseTo(1, 2)
    expect(near[1] / exact[1]).toBeCloseTo(1, 2)
    expect(poissonInterval(1e9)[0]).toBeGreaterThan(0.999e9)
  })
})

describe('density from drops', () => {
  it('n animals in k drops of v mL', () => {
    expect(densityOf({ counts: [12, 9, 11], dropMl: 0.05 })).toMatchObject({
      perMl: expect.closeTo(32 / 0.15, 9),
      animals: 32,
      drops: 3,
      patchy: false,
    })
    const none = densityOf({ counts: [0, 0], dropMl: 0.05 })
    expect(none).toMatchObject({ perMl: 0, lo: 0, moreDrops: null })
    expect(none.hi).toBeCloseTo(3.689 / 0.1, 1)
  })
  it('says how many more drops bring it within a fifth, and none when it is', () => {
    const few = densityOf({ counts: [5, 4, 6], dropMl: 0.05 })
    expect(few.moreDrops).toBeGreaterThan(10)
    const then = densityOf({
      counts: Array.from({ length: 3 + few.moreDrops! }, () => 5),
      dropMl: 0.05,
    })
    expect((then.hi - then.lo) / 2 / then.perMl).toBeLessThanOrEqual(0.201)
    expect(then.moreDrops).toBe(0)
  })
  it('covers the truth in about 95 of 100, and warns of patches but seldom of chance', () => {
    const chance = randomStream(42)
    const drop = (mean: number) => {
      let k = 0
      for (let p = Math.exp(-mean), u = chance.next(), term = p; u > p && k < 200; k++) {
        term *= mean / (k + 1)
        p += term
      }
      return k
    }
    let covered = 0
    let warned = 0
    for (let i = 0; i < 400; i++) {
      const d = densityOf({ counts: Array.from({ length: 8 }, () => drop(6)), dropMl: 0.05 })
      if (d.lo <= 120 && d.hi >= 120) covered++
      if (d.patchy) warned++
    }
    expect(covered / 400).toBeGreaterThan(0.93)
    expect(warned / 400).toBeLessThan(0.04)
    expect(densityOf({ counts: [0, 30, 1, 28, 0, 2], dropMl: 0.05 }).patchy).toBe(true)
  })
})
