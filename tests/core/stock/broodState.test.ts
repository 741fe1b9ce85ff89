import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { describe, expect, it } from 'vitest'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import { sheetRequest } from '@renatus/core/stock/sheetRequest'
import { urgency } from '@renatus/core/stock/urgency'
import { broodSheet } from '@renatus/core/fry/broodSheet'
import type { Entry } from '@renatus/core/records/entries'
import { anyRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { log, NAMED, records, stateAt } from '../room'

const NOW = '2026-03-20T05:34:00Z'
const FOODS = ['infusoria', 'vinegar-eel', 'microworm', 'brine-shrimp', 'moina']
const at = (entries: Entry[] = [], more: Parameters<typeof stateAt>[2] = {}, now = NOW) =>
  stateAt(now, entries, {
    foods: FOODS,
    fry: 200,
    freeSwimmingOn: '2026-03-14',
    species: 'small',
    ...more,
  })
const only = (entries: Entry[] = [], more = {}) => at(entries, more).broods[0]!
const broodId = NAMED.brood!

describe('a brood over its life', () => {
  it('a stage that was seen moves its dates, and an undo would bring them back', () => {
    expect(
      only([
        log('2026-03-20T05:00:00Z', 'brood.event', { broodId, event: 'free', on: '2026-03-19' }),
      ]).freeOn,
    ).toBe('2026-03-19')
    expect(only().freeOn).toBe('2026-03-14')
  })
  it('counts, losses, moving on and ending', () => {
    const left = log('2026-03-19T05:00:00Z', 'brood.left', {
      broodId,
      fry: 50,
      on: '2026-03-19',
      how: 'died',
      toBroodId: null,
    })
    expect(
      only([
        log('2026-03-18T05:00:00Z', 'brood.counted', { broodId, fry: 120, on: '2026-03-18' }),
        left,
      ]).fryNow,
    ).toBeCloseTo((120 * 0.97 - 50) * 0.97, 6)
    expect(
      at([
        log('2026-03-19T05:00:00Z', 'brood.left', {
          broodId,
          fry: 500,
          on: '2026-03-19',
          how: 'moved on',
          toBroodId: null,
        }),
      ]).broods,
    ).toEqual([])
    expect(
      at([
        log('2026-03-19T05:00:00Z', 'brood.ended', { broodId, on: '2026-03-19', reason: 'ended' }),
      ]).broods,
    ).toEqual([])
  })
  it('a split lives as long as it stands in the log', () => {
    const child = anyRecord.parse({
      ...records({ foods: FOODS }).find(r => r.type === 'brood')!,
      id: '0'.repeat(25) + 'C',
      name: 'Half',
      fry: 80,
      splitFrom: broodId,
    })
    const entry = log('2026-03-19T05:00:00Z', 'brood.left', {
      broodId,
      fry: 80,
      on: '2026-03-19',
      how: 'split',
      toBroodId: child.id,
    })
    expect(roomState([...records(), child], [entry], NOW)!.broods).toHaveLength(2)
    const undo = log('2026-03-19T06:00:00Z', 'undone', { act: entry.act })
    expect(roomState([...records(), child], [entry, undo], NOW)!.broods).toHaveLength(1)
  })
  it('a cooler tank slows growth from the day it was read, and not before', () => {
    const cool = log('2026-03-17T05:00:00Z', 'tank.temperature', {
      tankId: NAMED.tank!,
      temperatureC: 22 as never,
      was: 26 as never,
    })
    const [warm, cold] = [only(), only([cool])]
    expect(temperatureOn(cold.water, '2026-03-16')).toBe(26)
    expect(temperatureOn(cold.water, '2026-03-18')).toBe(22)
    const length = (b: typeof warm) => broodLadder(b, at().room, 6, 1)[0]!.lengthMm
    expect(length(cold)).toBeLessThan(length(warm))
  })
  it('measured lengths and bellies correct growth and mouth', () => {
    const seen = only([
      log('2026-03-18T05:00:00Z', 'brood.measured', {
        broodId,
        on: '2026-03-18',
        lengthsMm: [4.6, 4.8],
      }),
      log('2026-03-20T05:00:00Z', 'brood.measured', {
        broodId,
        on: '2026-03-20',
        lengthsMm: [5.6],
      }),
      log('2026-03-20T05:10:00Z', 'brood.bellies', {
        broodId,
        on: '2026-03-20',
        foodId: 'brine-shrimp',
        preyUm: 180,
        bellies: 'orange',
        weaning: false,
      }),
    ])
    expect(seen.growth.lengths).toBe(2)
    expect(seen.growth.factor).toBeGreaterThan(1)
    expect(seen.gape.looks).toBe(1)
  })
  it('an unknown fish keeps its dates and numbers, is fed nothing, and is the most urgent', () => {
    const s = at([], { species: 'unicorn' })
    expect(s.broods[0]).toMatchObject({ species: null, freeOn: '2026-03-14' })
    expect(sheetRequest(s.broods[0]!, s.room, 0, 20)).toBeNull()
    expect(urgency(s.broods[0]!, null).code).toBe('unknown')
  })
})

describe('a sheet', () => {
  it('reads the ladder: spans, gaps with what closes them, the next change with its band', () => {
    const s = at([], { foods: ['brine-shrimp'] })
    const sheet = broodSheet(sheetRequest(s.broods[0]!, s.room, 0, 30)!)
    expect(sheet.gaps[0]!.closers).toContain('infusoria')
    expect(sheet.next).toMatchObject({ food: 'brine-shrimp' })
    expect(sheet.next!.early).toBeLessThanOrEqual(sheet.next!.day)
    expect(sheet.next!.late).toBeGreaterThanOrEqual(sheet.next!.day)
    expect(sheet.band.every(b => b.lo < b.hi)).toBe(true)
    expect(urgency(s.broods[0]!, sheet).code).toBe('gap-now')
  })
  it('what if: warmer brings the next food sooner, later moves with the date', () => {
    const s = at()
    const day = (what: { warmerC: number; laterDays: number }) =>
      broodSheet(sheetRequest(s.broods[0]!, s.room, 0, 40, what)!).spans.find(
        x => x.food === 'brine-shrimp',
      )!.from
    expect(day({ warmerC: 3, laterDays: 0 })).toBeLessThan(day({ warmerC: -3, laterDays: 0 }))
    expect(day({ warmerC: 0, laterDays: 4 })).toBe(day({ warmerC: 0, laterDays: 0 }))
  })
})
