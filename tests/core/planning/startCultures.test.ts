import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { foodOf } from '@renatus/core/foods/index'
import { starterAgainstUsual, startCultures } from '@renatus/core/planning/startCultures'
import { simulate } from '@renatus/core/foods/simulate'
import { gainsByCup, usualStart, usualStarterMl } from '@renatus/core/planning/starter'
import { culture } from '@renatus/core/records/cultureRecord'
import { vessel } from '@renatus/core/records/roomRecords'
import { stateAt, uid } from '../room'

const NOW = '2026-03-20T05:34:00Z'
const food = foodOf('microworm')!
const method = food.methods[0]!
const choice = {
  name: 'Dish 1',
  vessels: 3,
  vesselId: '',
  vesselKind: '' as const,
  kind: '',
  placeId: '',
  level: 'middle' as const,
  warmth: 'own' as const,
  temperatureC: 24,
  depthCm: null,
  widthCm: 3,
  litres: 0.5,
  starter: 1,
  daysAgo: 2,
  mother: false,
  keepAs: null,
}

describe('a start', () => {
  it('makes so many vessels alike, each named and begun on its day', () => {
    const { cultures, vessels } = startCultures(stateAt(NOW), food, method, choice, NOW, () =>
      uid(),
    )
    expect(cultures.map(c => c.name)).toEqual(['Dish 1', 'Dish 2', 'Dish 3'])
    expect(new Set(cultures.map(c => c.code)).size).toBe(3)
    for (const c of cultures) {
      expect(c.startedAt.slice(0, 16)).toBe('2026-03-18T05:34')
      expect([c.depthCm, c.widthCm]).toEqual([null, 3])
      expect(() => culture.parse({ ...c, updatedAt: NOW, removedAt: null })).not.toThrow()
    }
    expect(vessels).toEqual([])
  })
  it('keeps the vessels in the list where that was wanted, one for each', () => {
    const kept = { ...choice, keepAs: 'jar' as const }
    const { cultures, vessels } = startCultures(stateAt(NOW), food, method, kept, NOW, () => uid())
    expect(cultures.map(c => c.vesselId)).toEqual(vessels.map(v => v.id))
    for (const v of vessels)
      expect(() => vessel.parse({ ...v, updatedAt: NOW, removedAt: null })).not.toThrow()
  })
  it('a jar that needs no starter is ready sooner with a cup of one that is good, and as usual without', () => {
    const infusoria = foodOf('infusoria')!
    const scalded = infusoria.methods.find(m => m.id === 'scalded-leaf')!
    expect(gainsByCup(infusoria, scalded, 1)).toBe(true)
    expect(gainsByCup(food, method, 1)).toBe(false)
    const cup = usualStarterMl(scalded, 1)
    const good = { litres: 1, organisms: 1_500_000 }
    const starter = starterAgainstUsual(infusoria, scalded, 1, cup, good)
    const readyDay = (starter: number) =>
      simulate({
        food: infusoria,
        method: scalded,
        setup: { volumeL: 1, starter },
        temperature: () => 23,
        days: 20,
        actions: [],
        seed: 1,
        runs: 1,
      }).readyDay!.p50
    expect(starterAgainstUsual(infusoria, scalded, 1, cup, null)).toBe(1)
    expect(starterAgainstUsual(infusoria, scalded, 1, cup, { ...good, organisms: 0 })).toBe(1)
    expect(readyDay(1) - readyDay(starter)).toBeGreaterThan(1)
  })
  it('a starter of the usual volume is the usual one; of a thin mother it is less', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 20, noNaN: true }), litres => {
        const each = method.starterShare * litres * 1000
        expect(starterAgainstUsual(food, method, litres, each, null)).toBeCloseTo(1, 9)
        const mother = { litres: each / 500, organisms: usualStart(food, method, litres) }
        expect(starterAgainstUsual(food, method, litres, each, mother)).toBeCloseTo(0.5, 6)
      }),
      { seed: 7, numRuns: 30 },
    )
  })
})
