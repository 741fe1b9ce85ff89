import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { firstDayTakes } from '@renatus/core/planning/plan/firstDayTakes'
import { knownRound } from '../../../../tools/rooms/knownRoom'
import { manyRooms } from '../../../../tools/rooms/manyRooms'

const sums = (rows: readonly [string, number][]) => {
  const byKey = new Map<string, number>()
  for (const [key, n] of rows) byKey.set(key, (byKey.get(key) ?? 0) + n)
  return byKey
}

describe('the first day of a plan', () => {
  it('takes from each source what the round draws from it, food by food', () => {
    let checked = 0
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10_000 }),
        fc.integer({ min: 1, max: 5 }),
        (seed, broods) => {
          // The last round of a day: nothing comes after it.
          const now = `2026-03-2${seed % 9}T18:10:00.000Z`
          const room = manyRooms({
            seed,
            now,
            broods,
            cultures: 6,
            cones: 2,
            kept: true,
            marine: false,
          })
          const { state, readings, round } = knownRound(room, now)
          const drawn = sums(
            round.reckoning.draws.map(d => [`${d.source.id} ${d.foodId}`, d.organisms]),
          )
          const taken = sums(
            firstDayTakes(state, readings).map(t => [`${t.from.id} ${t.food}`, t.organisms]),
          )
          expect([...taken.keys()].sort()).toEqual([...drawn.keys()].sort())
          for (const [key, n] of drawn) expect(taken.get(key)! / n).toBeCloseTo(1, 9)
          checked += drawn.size
        },
      ),
      { numRuns: 15, seed: 7 },
    )
    expect(checked).toBeGreaterThan(15)
  })
})
