import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  atLeast,
  lastSafeDays,
  readyAtOnePlace,
  readyBy,
  SHARED_FATE,
  spread,
  vesselsFor,
} from '@renatus/core/planning/plan/redundancy'

const chance = fc.double({ min: 0.05, max: 0.99, noNaN: true })

describe('how many vessels are enough', () => {
  it('pairs at one place fail together as stated, and the counts are a distribution', () => {
    fc.assert(
      fc.property(chance, fc.integer({ min: 1, max: 8 }), (ready, n) => {
        const p = 1 - ready
        expect(readyAtOnePlace(2, ready)[0]).toBeCloseTo(p * p + SHARED_FATE * (p - p * p), 9)
        const counts = readyAtOnePlace(n, ready)
        expect(counts.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
        expect(counts.reduce((s, q, k) => s + q * k, 0)).toBeCloseTo(n * ready, 8)
      }),
      { seed: 711 },
    )
  })
  it('more certainty never asks for fewer, a second place never for more, and the number holds what it promises', () => {
    fc.assert(
      fc.property(
        chance,
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 3 }),
        (ready, needed, places) => {
          const at = [0.8, 0.9, 0.95, 0.99].map(c => ({
            c,
            ...vesselsFor(needed, ready, c, places),
          }))
          expect(at.map(a => a.vessels)).toEqual(at.map(a => a.vessels).sort((a, b) => a - b))
          for (const a of at) {
            if (a.enough) expect(a.certainty).toBeGreaterThanOrEqual(a.c - 1e-9)
            if (a.enough && a.vessels > needed)
              expect(atLeast(needed, spread(a.vessels - 1, places), ready)).toBeLessThan(a.c)
            expect(vesselsFor(needed, ready, a.c, places + 1).vessels).toBeLessThanOrEqual(
              a.vessels + (a.enough ? 0 : 12),
            )
          }
        },
      ),
      { seed: 712 },
    )
    expect(vesselsFor(0, 0.5, 0.95, 1)).toEqual({ vessels: 0, certainty: 1, enough: true })
    expect(vesselsFor(1, 0, 0.95, 1)).toMatchObject({ enough: false, certainty: 0 })
  })
  it('time helps up to the failures, and the last safe start leaves room for the slow', () => {
    const r = { failure: 0.1, readyDays: 14, readyLogSd: 0.2 }
    expect(readyBy(r, 0)).toBe(0)
    expect(readyBy(r, 14)).toBeCloseTo(0.45, 6)
    expect(readyBy(r, 60)).toBeCloseTo(0.9, 3)
    expect(readyBy(r, lastSafeDays(r))).toBeCloseTo(0.81, 3)
    expect(spread(5, 2)).toEqual([3, 2])
  })
})
