import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hatchCurve } from '@renatus/core/dynamics/hatch/hatchCurve'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { tinSpeed } from '@renatus/core/dynamics/hatch/tinSpeed'
import { celsius, hours } from '@renatus/core/units/quantity'

describe('what a tin says of the speed', () => {
  it('is about the usual one for 24 h at 28 C', () => {
    expect(tinSpeed(hours(24), celsius(28))).toBeCloseTo(0.985, 2)
  })
  it('has 19 of 20 of a lot hatched by the hours of the tin', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 18, max: 30, noNaN: true }),
        fc.double({ min: 25, max: 30, noNaN: true }),
        (h, c) => {
          const { spread } = LOT_DEFAULTS
          const speed = tinSpeed(hours(h), celsius(c))
          const curve = hatchCurve({ temperature: c, speed, spread, decapsulated: false })
          expect(curve.hatchedAt(h)).toBeCloseTo(0.95, 2)
        },
      ),
      { numRuns: 30 },
    )
  })
  it('is never more than any lot has', () => {
    expect(tinSpeed(hours(2), celsius(28))).toBe(2)
    expect(tinSpeed(hours(200), celsius(28))).toBe(0.5)
    expect(tinSpeed(hours(24), celsius(10))).toBe(0.5)
  })
})
