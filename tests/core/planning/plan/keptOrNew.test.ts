import fc from 'fast-check'
import { expect, test } from 'vitest'
import { asGood, sameStarts, waysBack, type Quality } from '@renatus/core/planning/plan/keptOrNew'
import type { StartOn } from '@renatus/core/planning/plan/problem'

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

const lines = fc
  .uniqueArray(
    fc
      .tuple(
        fc.constantFrom('worms in oats', 'worms in bread', 'eels in cider'),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 1, max: 3 }),
      )
      .map(([startable, day, vessels]): StartOn => ({ startable, day, vessels })),
    { selector: s => `${s.startable} ${s.day}`, maxLength: 6 },
  )
  .chain(list => fc.shuffledSubarray(list, { minLength: list.length }))

test('the steps back lead from any new plan to the kept one, each line by line no further from it', () => {
  fc.assert(
    fc.property(lines, lines, (begun, fresh) => {
      const foodOf = (s: StartOn) => s.startable.split(' ')[0]!
      const steps = waysBack(begun, fresh, foodOf)
      const foods = new Set([...begun, ...fresh].map(foodOf)).size
      const all = steps.slice(0, foods).reduce((now: readonly StartOn[], back) => back(now), fresh)
      expect(sameStarts(all, begun)).toBe(true)
      const kept = new Set(begun.map(s => JSON.stringify(s)))
      const common = (a: readonly StartOn[]) => a.filter(s => kept.has(JSON.stringify(s))).length
      const days = (a: readonly StartOn[]) => new Set(a.map(s => `${s.startable} ${s.day}`))
      for (const back of steps.slice(foods)) {
        const is = back(fresh)
        expect(common(is)).toBeGreaterThanOrEqual(common(fresh))
        // A start is moved, never left out; and none goes from the day of a kept one.
        expect(is).toHaveLength(fresh.length)
        const stood = [...days(fresh)].filter(d => days(begun).has(d))
        expect([...days(is)]).toEqual(expect.arrayContaining(stood))
      }
    }),
    { seed: 5 },
  )
})
