import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ladderDays, mealsAt } from '@renatus/core/planning/meals'
import { otherFoods, smallestMouth, tankFoods } from '@renatus/core/planning/tankMeals'
import { anyRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'
import { log, NAMED, records } from '../room'

const NOW = '2026-03-20T05:34:00Z'
const FOODS = ['infusoria', 'vinegar-eel', 'microworm', 'brine-shrimp']
const id = (n: number) => `${'0'.repeat(24)}${String(n).padStart(2, '0')}`

/** The test room with more broods in its one tank. */
function room(
  others: { species: string; fry: number; free: string }[],
  entries: Parameters<typeof roomState>[1] = [],
) {
  const base = records({ foods: FOODS, species: 'small', fry: 200, freeSwimmingOn: '2026-03-14' })
  const brood = base.find(r => r.type === 'brood')!
  const more = others.map((o, i) =>
    anyRecord.parse({
      ...brood,
      id: id(i),
      name: `Brood ${i}`,
      speciesId: o.species,
      fry: o.fry,
      countedOn: o.free,
      anchor: { event: 'free', on: o.free, kind: 'seen', spreadDays: 0 },
    }),
  )
  const state = roomState([...base, ...more], entries, NOW)!
  const round = currentRound(NOW, roundsAround(NOW, state.room.rounds, state.room.timeZone, 1, 2))
  return { state, round, tank: state.tanks[0]!, dayOf: ladderDays(state, [round.date]) }
}
const total = (r: ReturnType<typeof room>) =>
  Object.fromEntries(
    tankFoods(r.state, r.tank, r.round, r.dayOf).map(f => [f.food.id, f.organisms]),
  )

describe('foods of a tank', () => {
  it('the needs of broods that share it add, whatever they are', () => {
    const anyOther = fc.record({
      species: fc.constantFrom('medium', 'zebrafish', 'betta', 'neon-tetra'),
      fry: fc.integer({ min: 5, max: 900 }),
      free: fc.constantFrom('2026-03-10', '2026-03-16', '2026-03-20'),
    })
    const alone = total(room([]))
    fc.assert(
      fc.property(anyOther, other => {
        const both = total(room([other]))
        for (const food of Object.keys(alone))
          expect(both[food]!).toBeGreaterThanOrEqual(alone[food]! - 1e-9)
      }),
      { seed: 31, numRuns: 30 },
    )
  })
  it('every food says for whom it is and why, the largest share first, and the reasons add up to the amount', () => {
    const r = room([{ species: 'medium', fry: 150, free: '2026-03-18' }])
    const foods = tankFoods(r.state, r.tank, r.round, r.dayOf)
    expect(foods.length).toBeGreaterThan(1)
    for (const f of foods) {
      expect(f.for.length).toBe(f.why.length)
      expect(f.why.reduce((s, w) => s + w.result.value, 0)).toBeCloseTo(f.organisms, 6)
      expect(f.portion).toBeCloseTo(f.organisms / (f.food.portion?.perUnit ?? 1), 9)
    }
  })
  it("nauplii are the hatchery's matter, the rest is given from cultures, once a round", () => {
    const r = room([])
    expect(
      otherFoods(r.state, r.tank, r.round, r.dayOf).some(f => f.food.id === 'brine-shrimp'),
    ).toBe(false)
    const given = room(
      [],
      [log(NOW, 'tank.given', { tankId: NAMED.tank!, roundKey: r.round.key, foods: [] })],
    )
    expect(otherFoods(given.state, given.tank, given.round, given.dayOf)).toEqual([])
  })
  it('nauplii follow their share of the ladder: less where other foods stand beside them', () => {
    const meals = (foods: string[]) => {
      const state = roomState(
        records({ foods, species: 'medium', fry: 300, freeSwimmingOn: '2026-03-08' }),
        [],
        NOW,
      )!
      const rounds = roundsAround(NOW, state.room.rounds, state.room.timeZone, 0, 1)
      return mealsAt(state, rounds)[0]!.nauplii
    }
    expect(meals(FOODS)).toBeLessThan(meals(['brine-shrimp']))
  })
  it('the smallest mouth is named where several broods share a tank, and only there', () => {
    expect(smallestMouth(room([]).state, room([]).tank, room([]).round, room([]).dayOf)).toBeNull()
    const r = room([{ species: 'large', fry: 20, free: '2026-03-10' }])
    expect(smallestMouth(r.state, r.tank, r.round, r.dayOf)?.brood.id).toBe(NAMED.brood)
  })
})
