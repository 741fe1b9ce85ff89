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
    const list = firstAid(state, 'power', { toC: 23.5 })
    expect(list[0]).toMatchObject({ what: 'hatch', dies: 'of no air' })
    expect(list.map(p => p.hours)).toEqual([...list.map(p => p.hours)].sort((a, b) => a - b))
    const at = (id: string) => list.find(p => p.id === id)!
    expect(at(cultures[0]!.id)).toMatchObject({ hours: 6, dies: 'of no air', onlyOne: true })
    expect(at(cultures[1]!.id)).toMatchObject({ hours: Infinity, dies: 'not soon' })
    expect(at(NAMED.tank!).what).toBe('tank')
  })
  it('without a heater only cold counts, and only at its place', () => {
    const list = firstAid(state, 'heater', { toC: 8 })
    expect(list.every(p => p.dies !== 'of no air')).toBe(true)
    expect(list.find(p => p.id === cultures[2]!.id)!.hours).toBeGreaterThan(0)
    expect(firstAid(state, 'heater', { toC: 8 }, NAMED.place!).map(p => p.what)).toEqual(['hatch'])
  })
  it('a heater that is stuck on: heat, the small bottle before the tank, and never ice', () => {
    const list = firstAid(state, 'stuck', { toC: 40 })
    expect(list.filter(p => Number.isFinite(p.hours)).every(p => p.dies === 'of heat')).toBe(true)
    const hours = (what: string) => list.find(p => p.what === what)!.hours
    expect(hours('hatch')).toBeLessThan(hours('tank'))
    expect(list.map(p => p.act).join()).not.toMatch(/(?<!No |no )ice into/)
  })
  it('without air alone nothing suffers of cold', () => {
    const list = firstAid(state, 'air', { toC: 5 })
    expect(new Set(list.map(p => p.dies))).toEqual(new Set(['of no air', 'not soon']))
  })
  it('days of heat: a night between them saves what is large', () => {
    const heat = (nightC: number) => firstAid(state, 'heat', { toC: 37, nightC })
    const tank = (nightC: number) => heat(nightC).find(p => p.what === 'tank')!
    expect(tank(36)).toMatchObject({ dies: 'of heat' })
    expect(tank(12)).toMatchObject({ dies: 'not soon' })
    expect(heat(12).find(p => p.what === 'hatch')).toMatchObject({ dies: 'of heat' })
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
