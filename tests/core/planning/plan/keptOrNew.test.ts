import fc from 'fast-check'
import { expect, test } from 'vitest'
import { asGood, type Quality } from '@renatus/core/planning/plan/keptOrNew'

const quality = fc.record({
  shortage: fc.double({ min: 0, max: 20, noNaN: true }),
  doubt: fc.double({ min: 0, max: 20, noNaN: true }),
  cost: fc.double({ min: 0, max: 5000, noNaN: true }),
})
const better = (q: Quality, by: Partial<Quality>): Quality => ({
  shortage: Math.max(0, q.shortage - (by.shortage ?? 0)),
  doubt: Math.max(0, q.doubt - (by.doubt ?? 0)),
  cost: q.cost - (by.cost ?? 0),
})

test('a kept plan stays beside its like, and a better one of the same kind stays the more', () => {
  fc.assert(
    fc.property(quality, quality, quality, (kept, other, by) => {
      expect(asGood(kept, kept)).toBe(true)
      if (asGood(kept, other)) expect(asGood(better(kept, by), other)).toBe(true)
    }),
    { seed: 1 },
  )
})

test('what is surer may cost more, by what the days are worth; food that lacks is never made good by it', () => {
  const other: Quality = { shortage: 0, doubt: 1, cost: 20 }
  expect(asGood({ shortage: 0, doubt: 1, cost: 30 }, other)).toBe(false)
  expect(asGood({ shortage: 0, doubt: 0, cost: 30 }, other)).toBe(true)
  expect(asGood({ shortage: 0, doubt: 0, cost: 60 }, other)).toBe(false)
  expect(asGood({ shortage: 1, doubt: 0, cost: 20 }, other)).toBe(false)
})
