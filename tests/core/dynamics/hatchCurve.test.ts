import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { energyLoss } from '@renatus/core/dynamics/hatch/energyLoss'
import { hatchCurve, type HatchTiming } from '@renatus/core/dynamics/hatch/hatchCurve'
import { normalCdf } from '@renatus/core/math/normalCdf'

const timing = (
  temperature: HatchTiming['temperature'],
  more: Partial<HatchTiming> = {},
): HatchTiming => ({ temperature, speed: 1, spread: 0.17, decapsulated: false, ...more })

/** The published table of the household figures: T, T10, T50, T90, best h, U at best, F24, U24, U36. */
const TABLE = [
  [21, 28.7, 35.7, 44.5, 49.6, 0.867, 0.01, 0.01, 0.5],
  [25, 18.3, 22.8, 28.3, 31.9, 0.88, 0.63, 0.6, 0.86],
  [28, 14.4, 17.9, 22.3, 25.0, 0.881, 0.96, 0.88, 0.77],
] as const

describe('hatch curve at a constant temperature', () => {
  it.each(TABLE)('at %d C holds the table', (c, t10, t50, t90, bestH, bestU, f24, u24, u36) => {
    const curve = hatchCurve(timing(c))
    for (const [got, want] of [
      [curve.t10h, t10],
      [curve.t50h, t50],
      [curve.t90h, t90],
      [curve.best!.h, bestH],
    ] as const)
      expect(Math.abs(got! - want)).toBeLessThanOrEqual(0.2)
    for (const [got, want] of [
      [curve.best!.useful, bestU],
      [curve.hatchedAt(24), f24],
      [curve.usefulAt(24), u24],
      [curve.usefulAt(36), u36],
    ] as const)
      expect(Math.abs(got - want)).toBeLessThanOrEqual(0.01)
  })

  it('two pulls at 24 and 36 h at 25 C bring 0.60 and 0.34: more than any single one', () => {
    const curve = hatchCurve(timing(25))
    const [first, second] = [curve.pull(24), curve.pull(36, 24)]
    expect(first.useful).toBeCloseTo(0.6, 2)
    expect(Math.abs(second.useful - 0.34)).toBeLessThan(0.01)
    expect(first.useful + second.useful).toBeGreaterThan(curve.best!.useful)
  })

  it('never hatches at 14 C and below, and says so with nulls', () => {
    for (const c of [5, 14])
      expect(hatchCurve(timing(c))).toMatchObject({
        t10h: null,
        t50h: null,
        t90h: null,
        best: null,
      })
  })

  it('decapsulated cysts need 0.8 of the time, and a fast lot less', () => {
    const plain = hatchCurve(timing(26)).t50h!
    expect(hatchCurve(timing(26, { decapsulated: true })).t50h! / plain).toBeCloseTo(0.8, 2)
    expect(hatchCurve(timing(26, { speed: 1.15 })).t50h! / plain).toBeCloseTo(1 / 1.15, 2)
  })

  it('from T90 + 12 h what is left in the bottle dies at 2 % an hour', () => {
    const curve = hatchCurve(timing(28))
    const from = curve.t90h! + 12
    expect(curve.aliveAt(from)).toBeCloseTo(curve.hatchedAt(from), 2)
    expect(curve.aliveAt(from + 24) / curve.aliveAt(from)).toBeCloseTo(Math.exp(-0.48), 1)
  })
})

/** The same equations, added up in the plainest way at a tiny step. */
function oracle(c: (h: number) => number, untilH: number) {
  const dt = 0.01
  let theta = 0
  let useful = 0
  let before = 0
  for (let h = 0; h < untilH - 1e-9; h += dt) {
    const t = c(h + dt / 2)
    theta += Math.max(0, Math.min(t, 30) - 14) * dt
    const f = theta > 0 ? normalCdf(Math.log(theta / 250) / 0.17) : 0
    useful = useful * Math.exp(-energyLoss(t) * dt) + (f - before)
    before = f
  }
  return { hatched: before, useful }
}

describe('hatch curve under a wandering temperature', () => {
  it('agrees with plain summation for a heater that ran up at night and a lamp that went off', () => {
    const course = [
      { h: 0, c: 26 },
      { h: 8, c: 31 },
      { h: 14, c: 24 },
      { h: 20, c: 22.5 },
      { h: 30, c: 27 },
    ]
    const curve = hatchCurve(timing(course))
    const at = (h: number) => {
      const i = course.findIndex(p => p.h > h)
      if (i < 0) return course.at(-1)!.c
      const [a, b] = [course[i - 1]!, course[i]!]
      return a.c + ((b.c - a.c) * (h - a.h)) / (b.h - a.h)
    }
    for (const h of [16, 20, 24, 36]) {
      const truth = oracle(at, h)
      expect(Math.abs(curve.hatchedAt(h) - truth.hatched)).toBeLessThan(0.01)
      expect(Math.abs(curve.usefulAt(h) - truth.useful)).toBeLessThan(0.01)
    }
  })

  const course = fc.array(
    fc.record({
      h: fc.double({ min: 0, max: 60, noNaN: true }),
      c: fc.double({ min: 5, max: 40, noNaN: true }),
    }),
    { minLength: 1, maxLength: 6 },
  )
  it('is monotone, never useful beyond hatched, never negative, for any course', () => {
    fc.assert(
      fc.property(course, fc.double({ min: 0.05, max: 0.4, noNaN: true }), (points, spread) => {
        const curve = hatchCurve(timing(points, { spread }), 120)
        let last = 0
        for (let h = 0; h <= 120; h += 4) {
          const f = curve.hatchedAt(h)
          const u = curve.usefulAt(h)
          if (!(
            f >= last - 1e-12 &&
            f <= 1 &&
            u >= 0 &&
            u <= f + 1e-12 &&
            curve.aliveAt(h) <= f + 1e-12
          ))
            return false
          last = f
        }
        return true
      }),
      { seed: 11, numRuns: 60 },
    )
  })

  it('warmer is never later, up to 30 C', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 16, max: 29.5, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (c, more) =>
          hatchCurve(timing(Math.min(30, c + more)), 200).t50h! <=
          hatchCurve(timing(c), 200).t50h! + 1e-4,
      ),
      { seed: 12, numRuns: 40 },
    )
  })
})
