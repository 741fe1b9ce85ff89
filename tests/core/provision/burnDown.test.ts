import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { burnDown, daysUntil, lastsSurely, LONGEST_D } from '@renatus/core/provision/burnDown'
import { useLogSd, type UseDoubt } from '@renatus/core/provision/useDoubt'
import { useAfter } from '@renatus/core/provision/useAfter'
import { randomStream } from '@renatus/core/math/random'

const use = fc.array(fc.double({ min: 0, max: 20, noNaN: true }), { minLength: 1, maxLength: 60 })
const amount = fc.double({ min: 0.01, max: 500, noNaN: true })
const doubts = fc.record({
  times: fc.integer({ min: 0, max: 60 }),
  each: fc.double({ min: 0, max: 50, noNaN: true }),
})
/** Used daily for four weeks. */
const known: UseDoubt = { times: 28, each: 1 }

describe('burn-down', () => {
  it('counts days by what is planned, and on by the mean of it', () => {
    expect(daysUntil(10, [2, 2, 2, 2, 2])).toBe(5)
    expect(daysUntil(3, [0, 0, 2, 2])).toBe(3.5)
    expect(daysUntil(20, [1, 1])).toBe(20)
    expect(daysUntil(5, [0, 0])).toBe(LONGEST_D)
    expect(burnDown(5, [0, 0], known)).toBeNull()
  })

  it('lasts longer with more of it and shorter with more certainty, whatever is used', () => {
    fc.assert(
      fc.property(use, amount, amount, doubts, (perDay, a, b, doubt) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)]
        const surely = (left: number) => lastsSurely(left, perDay, 0.95, doubt)
        expect(surely(more)).toBeGreaterThanOrEqual(surely(less) - 1e-9)
        expect(daysUntil(more, perDay)).toBeGreaterThanOrEqual(daysUntil(less, perDay) - 1e-9)
        const lasts = burnDown(a, perDay, doubt)
        if (!lasts) return
        expect(lasts.p10).toBeLessThanOrEqual(lasts.p50)
        expect(lasts.p50).toBeLessThanOrEqual(lasts.p90)
        expect(lastsSurely(a, perDay, 0.95, doubt)).toBeLessThanOrEqual(lasts.p10 + 1e-9)
      }),
    )
  })

  it('is known the better the oftener it was used, and the worse the fewer uses are left', () => {
    const seen = [0, 1, 4, 28].map(times => useLogSd(30, { times, each: 1 }))
    const left = [1, 2, 8, 40].map(amount => useLogSd(amount, known))
    for (const sds of [seen, left])
      sds.slice(1).forEach((sd, i) => expect(sd).toBeLessThan(sds[i]!))
  })

  it('of many futures as doubtful as it takes them for, eight in ten end between its tenths', () => {
    const random = randomStream(11)
    const perDay = Array.from({ length: 90 }, (_, d) => 1 + d / 30)
    const { p10, p90 } = burnDown(60, perDay, known)!
    const runs = Array.from({ length: 3000 }, () => {
      const more = Math.exp(random.normal(0, useLogSd(60, known)))
      // Day by day it scatters besides.
      return daysUntil(
        60,
        perDay.map(u => u * more * Math.exp(random.normal(-0.02, 0.2))),
      )
    })
    const within = runs.filter(d => d >= p10 && d <= p90).length / runs.length
    expect(within).toBeGreaterThan(0.72)
    expect(within).toBeLessThan(0.88)
  })

  it('a thing is used once its like before it is used up', () => {
    fc.assert(
      fc.property(use, amount, (perDay, before) => {
        const after = useAfter(perDay, before)
        const sum = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0)
        expect(sum(after)).toBeCloseTo(Math.max(0, sum(perDay) - before), 6)
        expect(after.every((u, d) => u >= 0 && u <= perDay[d]! + 1e-12)).toBe(true)
      }),
    )
  })
})
