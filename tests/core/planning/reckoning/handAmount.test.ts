import { assert, constantFrom, double, property } from 'fast-check'
import { describe, expect, it } from 'vitest'
import { nextMark, roundedForHand } from '@renatus/core/planning/reckoning/handAmount'
import { HAND_UNITS } from '@renatus/core/records/vocabulary'

describe('marks of the hand', () => {
  it('a step up is more, a step down is less and never below nothing, and each lands on a mark', () => {
    assert(
      property(
        constantFrom(...HAND_UNITS),
        double({ min: 0, max: 900, noNaN: true }),
        (unit, value) => {
          const up = nextMark(unit, value, 1)
          const down = nextMark(unit, value, -1)
          expect(up).toBeGreaterThan(value)
          expect(down).toBeGreaterThanOrEqual(0)
          if (value > 0) expect(down).toBeLessThan(value)
          expect(roundedForHand(unit, up, Infinity)).toBeCloseTo(up, 6)
        },
      ),
    )
  })
  it.each([
    ['mL', 45, 1, 50],
    ['mL', 45, -1, 40],
    ['mL', 4.5, -1, 4],
    ['piece', 2, 1, 2.25],
    ['wipe', 0.2, -1, 0.1],
    ['worm', 0, -1, 0],
    ['g', 0.08, 1, 0.1],
  ] as const)('%s from %d, %d: %d', (unit, value, way, next) =>
    expect(nextMark(unit, value, way)).toBeCloseTo(next, 9),
  )
})
