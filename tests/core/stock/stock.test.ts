import { describe, expect, it } from 'vitest'
import { clocks } from '@renatus/core/stock/clocks'
import { hatchRuns, modelOfRun } from '@renatus/core/stock/hatchRuns'
import { naupliiStores } from '@renatus/core/stock/naupliiStores'
import { lotOfRun } from '@renatus/core/stock/roomState'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { harvested, log, NAMED, started, stateAt, uid } from '../room'

const START = '2026-03-16T06:00:00Z'
const hoursLater = (h: number) => new Date(Date.parse(START) + h * 3_600_000).toISOString()

describe('hatch runs', () => {
  it('read temperatures bend the course; an emptied or finished bottle is over', () => {
    const [run] = hatchRuns([started(START), log(hoursLater(6), 'hatch.temperature', { hatchId: NAMED.hatch1!, temperatureC: 31 as never }), harvested(hoursLater(24), { finished: false })])
    expect(run).toMatchObject({ temperature: [{ h: 0, c: 26 }, { h: 6, c: 31 }], endedAt: null, pulls: [{ h: 24 }] })
    expect(hatchRuns([started(START), log(hoursLater(40), 'hatch.emptied', { hatchId: NAMED.hatch1!, reason: 'spent' })])[0]!.endedAt).toBe(hoursLater(40))
  })
  it('a heater that died slows the hatch', () => {
    const cold = [started(START), log(hoursLater(2), 'hatch.temperature', { hatchId: NAMED.hatch1!, temperatureC: 19 as never })]
    const t50 = (entries: ReturnType<typeof started>[]) => {
      const state = stateAt(hoursLater(10), entries)
      return modelOfRun(state.runs[0]!, lotOfRun(state, state.runs[0]!), 8.2).curve.t50h!
    }
    expect(t50(cold as never)).toBeGreaterThan(t50([started(START)]) + 8)
  })
})

describe('a lot', () => {
  it('burns down with its hatches, and a weighing starts the sum anew', () => {
    const weigh = log(hoursLater(30), 'lot.weighed', { lotId: NAMED.lot!, grams: 90 })
    const second = started(hoursLater(48), { hatchId: NAMED.hatch2!, cystsG: 3 as never })
    expect(stateAt(hoursLater(60), [started(START), second]).lots[0]!.state.gramsLeft).toBeCloseTo(96, 6)
    expect(stateAt(hoursLater(60), [started(START), weigh, second]).lots[0]!.state.gramsLeft).toBeCloseTo(87, 6)
  })

  it('learns its hatch from counts, towards the truth and surer with each; a good look teaches nothing', () => {
    const entries = [...Array(8).keys()].flatMap((i) => {
      const at = (h: number) => new Date(Date.parse(START) + (i * 48 + h) * 3_600_000).toISOString()
      const hatchId = uid()
      // 45 % hatch instead of the 80 % on the tin; at 26 C after 48 h all that will hatch has hatched.
      const n = 270_000 * 0.45
      return [started(at(0), { hatchId }), harvested(at(40), { hatchId, nauplii: n, count: { animals: 182, samples: 3, sampleMl: 0.1 } })]
    })
    const after = (k: number) => stateAt('2026-04-20T00:00:00Z', entries.slice(0, 2 * k)).lots[0]!.state
    expect(after(0)).toMatchObject({ hatch: 0.8, counts: 0 })
    expect(Math.abs(after(8).hatch - 0.45)).toBeLessThan(0.04)
    expect(Math.abs(after(1).hatch - 0.45)).toBeGreaterThan(Math.abs(after(8).hatch - 0.45))
    expect(after(8).hatchHigh - after(8).hatchLow).toBeLessThan(after(1).hatchHigh - after(1).hatchLow)
    expect(stateAt(hoursLater(60), [started(START), harvested(hoursLater(40), { nauplii: 5 })]).lots[0]!.state.hatch).toBe(0.8)
  })

  it('a count of a bottle that had hardly begun says nothing of the lot', () => {
    const early = harvested(hoursLater(12), { nauplii: 10, count: { animals: 1, samples: 3, sampleMl: 0.1 } })
    expect(stateAt(hoursLater(13), [started(START), early]).lots[0]!.state.counts).toBe(0)
  })
})

describe('stores', () => {
  const stored = (form: 'fridge' | 'freezer') => log(START, 'nauplii.stored', { storeId: NAMED.store1!, hatchId: NAMED.hatch1!, form, nauplii: 10_000, volumeMl: form === 'fridge' ? 100 : null, cubes: form === 'freezer' ? 10 : null, energy: 0.9 })
  const fed = (nauplii: number) => log(hoursLater(1), 'tank.fed', { tankId: NAMED.tank!, roundKey: 'x', nauplii, ml: null, cubes: null, energy: 0.9, source: { kind: 'fridge', id: NAMED.store1! } })
  it('the fridge has its own energy clock and an end; the freezer keeps', () => {
    const [fridge] = naupliiStores([stored('fridge')], hoursLater(24))
    expect(fridge!.energy).toBeCloseTo(0.9 * 0.95, 2)
    expect(fridge!.useBy).toBe(hoursLater(24))
    expect(naupliiStores([stored('freezer')], hoursLater(24 * 30))[0]).toMatchObject({ energy: 0.9, useBy: null, naupliiPerCube: 1000 })
  })
  it('are drawn down by what was fed, and vanish when empty or poured away', () => {
    expect(naupliiStores([stored('fridge'), fed(4000)], hoursLater(2))[0]).toMatchObject({ nauplii: 6000, volumeMl: expect.closeTo(60, 6) as number })
    expect(naupliiStores([stored('fridge'), fed(10_000)], hoursLater(2))).toEqual([])
    expect(naupliiStores([stored('fridge'), log(hoursLater(1), 'store.discarded', { storeId: NAMED.store1!, reason: 'old' })], hoursLater(2))).toEqual([])
  })
})

describe('clocks', () => {
  const none = new Set<string>()
  const clock = (about: { type: string, id: string }) => log(START, 'clock.started', { clockId: NAMED.store1!, label: 'Cone 1', endsAt: hoursLater(10), about })
  it('run to an instant, whatever the page does, and stand until they are seen', () => {
    const entries = [clock({ type: 'harvest', id: 'x' })]
    expect(clocks(entries, hoursLater(5), none)[0]).toMatchObject({ left: 5, passed: 0.5, ended: false })
    expect(clocks(entries, hoursLater(50), none)[0]).toMatchObject({ ended: true })
    expect(clocks([...entries, log(hoursLater(51), 'clock.seen', { clockId: NAMED.store1! })], hoursLater(52), none)).toEqual([])
    expect(clocks(entries, hoursLater(-3), none)[0]).toMatchObject({ passed: 0, ended: false })
  })
  it('the clock of a store ends with the store', () => {
    const entries = [clock({ type: 'store', id: NAMED.store1! })]
    expect(clocks(entries, hoursLater(5), new Set([NAMED.store1!]))).toHaveLength(1)
    expect(clocks(entries, hoursLater(5), none)).toEqual([])
  })
  it('the clock of a hatch is answered by its harvest, and back when that is undone', () => {
    const entries = [clock({ type: 'hatch', id: NAMED.hatch1! }), harvested(hoursLater(9))]
    expect(clocks(entries, hoursLater(12), none)).toEqual([])
    expect(clocks(effectiveEntries([...entries, log(hoursLater(11), 'undone', { act: entries[1]!.act })]), hoursLater(12), none)).toHaveLength(1)
  })
})
