import { describe, expect, it } from 'vitest'
import { broodSheet } from '@renatus/core/fry/broodSheet'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import type { Entry } from '@renatus/core/records/entries'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import { sheetRequest } from '@renatus/core/stock/sheetRequest'
import { clocks } from '@renatus/core/stock/clocks'
import { modelOfHatch } from '@renatus/core/stock/hatchCultures'
import { storesNow } from '@renatus/core/stock/stores'
import { lotOfHatch, roomState } from '@renatus/core/stock/roomState'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { chilled, harvested, log, NAMED, records, started, stateAt } from '../room'

const START = '2026-03-16T06:00:00Z'
const ended = (at: string, data: object) =>
  log(at, 'culture.ended', { cultureId: NAMED.hatch1!, ...data })
const hoursLater = (h: number) => new Date(Date.parse(START) + h * 3_600_000).toISOString()

describe('cultures that hatch', () => {
  it('read temperatures bend the course; an emptied or finished bottle is over', () => {
    const [hatch] = stateAt(hoursLater(41), [
      started(START),
      log(hoursLater(6), 'culture.temperature', {
        cultureId: NAMED.hatch1!,
        temperatureC: 31 as never,
      }),
      harvested(hoursLater(24), { finished: false }),
    ]).hatches
    expect(hatch).toMatchObject({
      temperature: [
        { h: 0, c: 26 },
        { h: 6, c: 31 },
      ],
      endedAt: null,
      pulls: [{ h: 24 }],
    })
    const over = [harvested(hoursLater(40)), ended(hoursLater(40), { how: 'discarded' })]
    for (const end of over)
      expect(stateAt(hoursLater(41), [started(START), end]).hatches[0]!.endedAt).toBe(
        hoursLater(40),
      )
  })
  it('a heater that died slows the hatch', () => {
    const cold = [
      started(START),
      log(hoursLater(2), 'culture.temperature', {
        cultureId: NAMED.hatch1!,
        temperatureC: 19 as never,
      }),
    ]
    const t50 = (entries: ReturnType<typeof started>[]) => {
      const state = stateAt(hoursLater(10), entries)
      return modelOfHatch(state.hatches[0]!, lotOfHatch(state, state.hatches[0]!), 8.2).curve.t50h!
    }
    expect(t50(cold as never)).toBeGreaterThan(t50([started(START)]) + 8)
  })
})

describe('cysts that lost their shells', () => {
  const bare = (outcome: 'hatch' | 'store' | 'lost', at = hoursLater(1)) =>
    log(at, 'lot.decapsulated', {
      ...{ lotId: NAMED.lot!, grams: 4, outcome, minutes: 6, warmestC: 29 },
    })
  const left = (entries: Entry[]) => stateAt(hoursLater(5), entries).lots[0]!.state.gramsLeft
  it('are gone from the tin, unless a bottle counts them', () => {
    const full = left([])
    expect(full - left([bare('store')])).toBeCloseTo(4, 9)
    expect(full - left([bare('lost'), bare('store')])).toBeCloseTo(8, 9)
    expect(left([bare('hatch')])).toBe(full)
    const weighed = log(hoursLater(2), 'lot.weighed', { lotId: NAMED.lot!, grams: 50 })
    expect(left([bare('store'), weighed])).toBe(50)
  })
})

describe('a lot', () => {
  it('burns down with its hatches, and a weighing starts the sum anew', () => {
    const weigh = log(hoursLater(30), 'lot.weighed', { lotId: NAMED.lot!, grams: 90 })
    const second = started(hoursLater(48), { hatchId: NAMED.hatch2!, cystsG: 3 as never })
    expect(stateAt(hoursLater(60), [started(START), second]).lots[0]!.state.gramsLeft).toBeCloseTo(
      96,
      6,
    )
    expect(
      stateAt(hoursLater(60), [started(START), weigh, second]).lots[0]!.state.gramsLeft,
    ).toBeCloseTo(87, 6)
  })
})

describe('stores', () => {
  const stored = (keep: 'fridge' | 'freezer') =>
    chilled(START, {
      storeId: NAMED.store1!,
      foodId: keep === 'fridge' ? 'brine-shrimp' : 'frozen-nauplii',
      keep,
      unit: keep === 'fridge' ? 'mL' : 'cube',
      amount: keep === 'fridge' ? 100 : 10,
      organisms: 10_000,
      energy: 0.9,
    })
  const fed = (organisms: number) =>
    log(hoursLater(1), 'tank.fed', {
      tankId: NAMED.tank!,
      roundKey: 'x',
      portions: [
        {
          foodId: 'brine-shrimp',
          organisms,
          energy: 0.9,
          amount: null,
          source: { kind: 'store', id: NAMED.store1! },
        },
      ],
    })
  it('the fridge has its own energy clock and an end; the freezer keeps', () => {
    const [fridge] = storesNow([stored('fridge')], hoursLater(24))
    expect(fridge!.energy).toBeCloseTo(0.9 * 0.95, 2)
    expect(fridge!.useBy).toBe(hoursLater(24))
    expect(storesNow([stored('freezer')], hoursLater(24 * 30))[0]).toMatchObject({
      energy: 0.9,
      useBy: null,
      perUnit: 1000,
    })
  })
  it('are drawn down by what was fed, counted anew, and vanish when empty or thrown out', () => {
    expect(storesNow([stored('fridge'), fed(4000)], hoursLater(2))[0]).toMatchObject({
      organisms: 6000,
      amount: expect.closeTo(60, 6) as number,
    })
    const count = log(hoursLater(1.5), 'store.counted', { storeId: NAMED.store1!, amount: 20 })
    expect(storesNow([stored('fridge'), fed(4000), count], hoursLater(2))[0]!.amount).toBe(20)
    expect(storesNow([stored('fridge'), fed(10_000)], hoursLater(2))).toEqual([])
    const out = log(hoursLater(1), 'store.discarded', { storeId: NAMED.store1!, reason: 'old' })
    expect(storesNow([stored('fridge'), out], hoursLater(2))).toEqual([])
  })
})

describe('clocks', () => {
  const none = new Set<string>()
  const clock = (about: { type: string; id: string }) =>
    log(START, 'clock.started', {
      clockId: NAMED.store1!,
      label: 'Cone 1',
      endsAt: hoursLater(10),
      about,
    })
  it('run to an instant, whatever the page does, and stand until they are seen', () => {
    const entries = [clock({ type: 'harvest', id: 'x' })]
    expect(clocks(entries, hoursLater(5), none)[0]).toMatchObject({
      left: 5,
      passed: 0.5,
      ended: false,
    })
    expect(clocks(entries, hoursLater(50), none)[0]).toMatchObject({ ended: true })
    expect(
      clocks(
        [...entries, log(hoursLater(51), 'clock.seen', { clockId: NAMED.store1! })],
        hoursLater(52),
        none,
      ),
    ).toEqual([])
    expect(clocks(entries, hoursLater(-3), none)[0]).toMatchObject({ passed: 0, ended: false })
  })
  it('the clock of a store ends with the store', () => {
    const entries = [clock({ type: 'store', id: NAMED.store1! })]
    expect(clocks(entries, hoursLater(5), new Set([NAMED.store1!]))).toHaveLength(1)
    expect(clocks(entries, hoursLater(5), none)).toEqual([])
  })
  it('the clock of a hatch is answered by its harvest, and back when that is undone', () => {
    const entries = [clock({ type: 'culture', id: NAMED.hatch1! }), harvested(hoursLater(9))]
    expect(clocks(entries, hoursLater(12), none)).toEqual([])
    expect(
      clocks(
        effectiveEntries([...entries, log(hoursLater(11), 'undone', { act: entries[1]!.act })]),
        hoursLater(12),
        none,
      ),
    ).toHaveLength(1)
  })
})

describe('small nauplii', () => {
  it('of the lot in use are what mouths meet: narrower, lighter, so more of them', () => {
    const lengths = log(START, 'lot.measured', {
      lotId: NAMED.lot!,
      lengthsUm: Array.from({ length: 40 }, () => 420),
    })
    const day = (entries: Entry[]) => {
      const state = roomState(
        records({ foods: ['brine-shrimp'] }),
        entries,
        '2026-03-17T05:34:00Z',
        learnRoom(records(), entries)!.learned,
      )!
      return {
        ...broodLadder(state.broods[0]!, state.room, state.broods[0]!.day, 1)[0]!,
        sheet: sheetRequest(state.broods[0]!, state.room, 0, 3)!,
      }
    }
    const [usual, small] = [day([]), day([lengths])]
    expect(small.suitability['brine-shrimp']!.size.widthUm).toBeLessThan(
      usual.suitability['brine-shrimp']!.size.widthUm * 0.9,
    )
    expect(small.organisms['brine-shrimp']!).toBeGreaterThan(usual.organisms['brine-shrimp']! * 1.2)
    expect(broodSheet(small.sheet).days[0]!.suitability['brine-shrimp']!.size.widthUm).toBeCloseTo(
      small.suitability['brine-shrimp']!.size.widthUm,
      6,
    )
  })
})
