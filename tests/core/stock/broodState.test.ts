import { describe, expect, it } from 'vitest'
import { buildRound } from '@renatus/core/round/round'
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
const tankStop = (s: ReturnType<typeof stateAt>) =>
  buildRound(s).stops.find(x => x.type === 'tank') as Extract<
    ReturnType<typeof buildRound>['stops'][number],
    { type: 'tank' }
  >

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
    expect(cold.temperature('2026-03-16')).toBe(26)
    expect(cold.temperature('2026-03-18')).toBe(22)
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
    expect(buildRound(s).plan.meals).toEqual([])
  })
})

describe('a tank in the round', () => {
  it('one stop holds foods, tasks and looks, and what was given is gone from it', () => {
    const stop = tankStop(at())
    expect(stop.foods.map(f => f.food.id)).toContain('infusoria')
    expect(stop.tasks.map(t => t.id)).toContain('siphon')
    expect(stop.looks).toHaveLength(1)
    const given = log(NOW, 'tank.given', {
      tankId: NAMED.tank!,
      roundKey: '2026-03-20T06:30',
      foods: [],
    })
    const done = log(NOW, 'tank.task', {
      tankId: NAMED.tank!,
      broodId: null,
      task: 'siphon',
      on: '2026-03-20',
    })
    const rest = tankStop(at([given, done]))
    expect([rest.foods.length, rest.tasks.length, rest.looks.length]).toEqual([0, 0, 1])
    expect(rest.key).not.toBe(stop.key)
    const look = log(NOW, 'brood.bellies', {
      broodId,
      on: '2026-03-20',
      foodId: 'infusoria',
      preyUm: 30,
      bellies: 'full',
      weaning: false,
    })
    expect(buildRound(at([given, done, look])).stops.filter(s => s.type === 'tank')).toEqual([])
  })
  it('needs of broods that share a tank add, and the smallest mouth is named', () => {
    const other = anyRecord.parse({
      ...records({ foods: FOODS }).find(r => r.type === 'brood')!,
      id: '0'.repeat(25) + 'D',
      name: 'Big',
      speciesId: 'medium',
    })
    const both = roomState(
      [
        ...records({ foods: FOODS, fry: 200, freeSwimmingOn: '2026-03-14', species: 'small' }),
        other,
      ],
      [],
      NOW,
    )!
    const stop = tankStop(both)
    expect(stop.smallest?.brood.id).toBe(broodId)
    const eels = (s: typeof stop) => s.foods.find(f => f.food.id === 'vinegar-eel')
    const alone = eels(tankStop(at()))!
    const shared = eels(stop)!
    expect(shared.for.map(b => b.name).sort()).toContain('Angels')
    expect(shared.organisms).toBeGreaterThan(alone.organisms)
  })
  it('a trial: offered before a change, two meals, two looks, then a decision; refused food rests for three days', () => {
    const day = (d: number, c = '05:00') => `2026-03-${d}T${c}:00Z`
    const offered = Array.from({ length: 12 }, (_, i) => 15 + i)
      .map(d => ({ d, stop: tankStop(at([], {}, day(d, '05:34'))) }))
      .find(x => x.stop?.weaning.length)!
    const { foodId } = offered.stop.weaning[0]!
    expect(offered.stop.weaning[0]!.step).toBe('offer')
    const start = log(day(offered.d, '05:40'), 'weaning.started', {
      broodId,
      foodId,
      on: `2026-03-${offered.d}`,
    })
    const look = (bellies: 'empty' | 'full', c: string) =>
      log(day(offered.d, c), 'brood.bellies', {
        broodId,
        on: `2026-03-${offered.d}`,
        foodId,
        preyUm: 180,
        bellies,
        weaning: true,
      })
    const later = (entries: Entry[], d = offered.d) => at(entries, {}, day(d, '18:05'))
    expect(tankStop(later([start])).looks[0]).toMatchObject({ foodId, weaning: true, meal: 1 })
    const decide = tankStop(later([start, look('full', '05:50'), look('empty', '17:50')]))
      .weaning[0]!
    expect(decide).toMatchObject({ step: 'decide', good: false })
    const wait = log(day(offered.d, '18:00'), 'weaning.decided', {
      broodId,
      foodId,
      take: false,
      on: `2026-03-${offered.d}`,
    })
    expect(later([start, wait]).broods[0]!.weaning.waiting).toEqual([foodId])
    expect(later([start, wait], offered.d + 3).broods[0]!.weaning.waiting).toEqual([])
  })
  it('eggs have tasks, and the first food is asked for the day before', () => {
    const egg = (free: string) =>
      tankStop(
        stateAt(NOW, [], { foods: FOODS, species: 'small', freeSwimmingOn: free }),
      ).tasks.map(t => t.id)
    expect(egg('2026-03-21')).toContain('first-food')
    const spawned = records({ foods: FOODS, species: 'peacock-gudgeon' }).map(r =>
      r.type === 'brood'
        ? anyRecord.parse({
            ...r,
            anchor: { event: 'spawned', on: '2026-03-18', kind: 'seen', spreadDays: 0 },
          })
        : r,
    )
    const s = roomState(spawned, [], NOW)!
    expect(s.broods[0]!.stage).toBe('eggs')
    expect(tankStop(s).tasks.map(t => t.id)).toEqual(['fungus'])
  })
  it('a feeding-only round feeds, and starts and pulls nothing', () => {
    const rounds = [
      { name: 'Morning', at: '06:30' },
      { name: 'Noon', at: '12:30', feedingOnly: true },
      { name: 'Evening', at: '19:00' },
    ]
    const s = stateAt('2026-03-20T11:34:00Z', [], { rounds, fry: 2000 })
    const round = buildRound(s)
    expect(round.current.feedingOnly).toBe(true)
    expect(
      round.plan.hatches.every(
        h => !h.startRound.feedingOnly || h.startRound.key === round.current.key,
      ),
    ).toBe(true)
    expect(round.plan.hatches.every(h => h.pulls.every(p => !p.at.includes('T11:30')))).toBe(true)
    expect(round.stops.some(x => x.type === 'start' || x.type === 'harvest')).toBe(false)
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
