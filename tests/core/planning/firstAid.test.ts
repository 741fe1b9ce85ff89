import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { foodOf } from '@renatus/core/foods/index'
import { summariseSchool } from '@renatus/core/planning/compareSchools'
import { firstAid, hoursUntilCold } from '@renatus/core/planning/firstAid'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf } from '../cultureRoom'
import { NAMED, records, started, withHatches } from '../room'

const NOW = '2026-03-20T06:00:00Z'

describe('first aid', () => {
  const cultures = [
    cultureOf('rotifer', NOW),
    cultureOf('microworm', NOW),
    cultureOf('grindal-worm', NOW),
  ]
  const entries = [started('2026-03-19T18:00:00Z')]
  const state = roomState([...withHatches(records(), entries), ...cultures], entries, NOW)!
  it('without power what needs air dies first, and what needs none can be left', () => {
    const list = firstAid(state, 'power', 23.5)
    expect(list[0]).toMatchObject({ what: 'hatch', dies: 'of no air' })
    expect(list.map(p => p.hours)).toEqual([...list.map(p => p.hours)].sort((a, b) => a - b))
    const at = (id: string) => list.find(p => p.id === id)!
    expect(at(cultures[0]!.id)).toMatchObject({ hours: 6, dies: 'of no air', onlyOne: true })
    expect(at(cultures[1]!.id)).toMatchObject({ hours: Infinity, dies: 'not soon' })
    expect(at(NAMED.tank!).what).toBe('tank')
  })
  it('without a heater only cold counts, and only at its place', () => {
    const list = firstAid(state, 'heater', 8)
    expect(list.every(p => p.dies !== 'of no air')).toBe(true)
    expect(list.find(p => p.id === cultures[2]!.id)!.hours).toBeGreaterThan(0)
    expect(firstAid(state, 'heater', 8, NAMED.place!).map(p => p.what)).toEqual(['hatch'])
  })
  it('a larger vessel, a warmer room and a hardier animal last longer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 200, noNaN: true }),
        fc.double({ min: 2, max: 14, noNaN: true }),
        fc.double({ min: 15, max: 22, noNaN: true }),
        (litres, room, least) => {
          const h = hoursUntilCold(litres, 25, room, least)
          expect(h).toBeGreaterThan(0)
          expect(hoursUntilCold(2 * litres, 25, room, least)).toBeGreaterThan(h)
          expect(hoursUntilCold(litres, 25, room + 0.5, least)).toBeGreaterThan(h)
          expect(hoursUntilCold(litres, 25, room, least - 0.5)).toBeGreaterThan(h)
          expect(hoursUntilCold(litres, least - 1, room, least)).toBe(0)
          expect(hoursUntilCold(litres, 25, least, least)).toBe(Infinity)
        },
      ),
      { seed: 9 },
    )
  })
})

describe('schools side by side', () => {
  it('say what each trades: scalded is sooner and safer than raw, a pure starter fails least', () => {
    const food = foodOf('infusoria')!
    const of = (id: string) =>
      summariseSchool(
        food,
        food.methods.find(m => m.id === id)!,
        1,
        22,
      )
    expect(of('scalded-leaf').readyDays!.p50).toBeLessThan(of('raw-leaf').readyDays!.p50)
    expect(of('raw-leaf').failure).toBeGreaterThan(of('scalded-leaf').failure)
    expect(of('sterile-pure').failure).toBe(0.05)
    const moina = foodOf('moina')!
    const fast = summariseSchool(
      moina,
      moina.methods.find(m => m.id === 'pour-off')!,
      10,
      24,
    )
    expect(fast.readyDays!.p50).toBeLessThan(
      summariseSchool(moina, moina.methods[0]!, 10, 24).readyDays!.p50,
    )
    expect(fast.handsPerWeek).toBeGreaterThan(
      summariseSchool(food, food.methods[0]!, 1, 22).handsPerWeek,
    )
  })
})
