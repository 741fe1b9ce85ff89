import { describe, expect, it } from 'vitest'
import type { TankStop } from '@renatus/core/round/stops/tank/find'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import type { Entry } from '@renatus/core/records/entries'
import { cultureOf, startedFrom } from '../../cultureRoom'
import { log, NAMED, records, roundFor } from '../../room'

const NOW = '2026-03-20T05:34:00Z'
type Options = Parameters<typeof records>[0]
const stopOf = (
  options: Options,
  entries: Entry[] = [],
  change: (r: AnyRecord) => unknown = r => r,
  now = NOW,
) => {
  const list = records(options).map(r => anyRecord.parse(change(r)))
  const { stops, waiting } = roundFor(list, entries, now).round
  return [...stops, ...waiting.map(w => w.stop)].find((x): x is TankStop => x.kind === 'tank')
}
const tasks = (...args: Parameters<typeof stopOf>) => stopOf(...args)?.tasks.map(t => t.id) ?? []
const anchored = (event: string, on: string) => (r: AnyRecord) =>
  r.type === 'brood' ? { ...r, anchor: { event, on, kind: 'seen', spreadDays: 0 } } : r
const done = (task: string, broodId: string | null, on = '2026-03-20') =>
  log(NOW, 'tank.task', { tankId: NAMED.tank!, broodId, task, on })

describe('tasks at a tank', () => {
  it('eggs are looked through daily until they hatch, larvae are moved once', () => {
    const zebra: Options = {
      species: 'zebrafish',
      foods: ['infusoria', 'vinegar-eel', 'brine-shrimp'],
    }
    expect(tasks(zebra, [], anchored('spawned', '2026-03-19'))).toEqual(['fungus'])
    expect(tasks(zebra, [done('fungus', NAMED.brood!)], anchored('spawned', '2026-03-19'))).toEqual(
      [],
    )
    expect(
      tasks(zebra, [done('fungus', NAMED.brood!, '2026-03-19')], anchored('spawned', '2026-03-19')),
    ).toEqual(['fungus'])
    expect(tasks(zebra, [], anchored('hatched', '2026-03-19'))).toContain('move-larvae')
    expect(
      tasks(
        zebra,
        [done('move-larvae', NAMED.brood!, '2026-03-18')],
        anchored('hatched', '2026-03-19'),
      ),
    ).not.toContain('move-larvae')
  })
  it('live-bearers and mouthbrooders have no eggs to look through; dry eggs are wetted in time', () => {
    expect(tasks({ species: 'guppy' }, [], anchored('spawned', '2026-03-05'))).toEqual([])
    expect(tasks({ species: 'mbuna' }, [], anchored('spawned', '2026-03-15'))).toEqual([])
    expect(
      tasks(
        { species: 'annual-killifish', foods: ['brine-shrimp'] },
        [],
        anchored('spawned', '2025-12-22'),
      ),
    ).toContain('wet')
  })
  it('the day before the first meal asks for the food that fits, where there is any', () => {
    const tomorrow = { species: 'small', freeSwimmingOn: '2026-03-21' }
    const jar = cultureOf('infusoria', '2026-03-10T06:00:00Z', { logged: true })
    const of = (foods: string[], stock: AnyRecord[], entries: Entry[]) =>
      roundFor([...records({ ...tomorrow, foods }), ...stock], entries, NOW)
        .round.stops.filter((x): x is TankStop => x.kind === 'tank')
        .flatMap(x => x.tasks)
        .find(t => t.id === 'first-food')?.text
    expect(of(['infusoria'], [jar], [startedFrom(jar, [])])).toContain('ready: infusoria')
    expect(of(['brine-shrimp'], [jar], [startedFrom(jar, [])])).toContain('No food of this room')
    // Where there is none, a stop of its own asks to provide for it.
    expect(of(['infusoria', 'brine-shrimp'], [], [])).toBeUndefined()
  })
  it('a gap is a gap, with the ways to close it as buttons; nothing stands in for it', () => {
    const stop = stopOf({
      species: 'small',
      foods: ['brine-shrimp', 'infusoria'],
      freeSwimmingOn: '2026-03-18',
    })!
    expect(stop.draws).toEqual([])
    expect(stop.gap).toMatchObject({ share: 1 })
    expect(stop.gap!.ways.map(w => w.foodId)).toContain('infusoria')
    expect(stop.must).toBe(true)
  })
  it('what the gap or the meal says already is not asked as a task', () => {
    const jar = cultureOf('infusoria', '2026-03-10T06:00:00Z', { logged: true })
    const small = { species: 'small', foods: ['infusoria'], freeSwimmingOn: '2026-03-20', fry: 20 }
    const fed = roundFor([...records(small), jar], [startedFrom(jar, [])], NOW).round.stops.find(
      (x): x is TankStop => x.kind === 'tank',
    )!
    expect(fed.draws.length).toBeGreaterThan(0)
    expect(fed.gap).toBeNull()
    expect(fed.tasks.map(t => t.id)).not.toContain('first-food')
    const today = stopOf({
      species: 'large',
      foods: ['brine-shrimp'],
      freeSwimmingOn: '2026-03-20',
    })!
    expect(today.gap).not.toBeNull()
    expect(today.tasks.map(t => t.id)).not.toContain('first-food')
  })
  it('a few fry in much water are moved to a box, once', () => {
    const few: Options = { species: 'large', fry: 3, tankL: 200, freeSwimmingOn: '2026-03-18' }
    expect(tasks(few)).toContain('box')
    expect(tasks(few, [done('box', NAMED.brood!, '2026-03-19')])).not.toContain('box')
    expect(tasks({ ...few, fry: 2000, tankL: 40 })).not.toContain('box')
  })
  it('marine fry on nauplii want the second stage, enriched; others do not', () => {
    const old: Options = {
      species: 'clownfish',
      foods: ['rotifer', 'brine-shrimp'],
      freeSwimmingOn: '2026-03-08',
    }
    expect(tasks(old)).toContain('second-stage')
    expect(tasks({ ...old, species: 'angelfish' })).not.toContain('second-stage')
  })
  it('left-overs are siphoned daily from the first day on', () => {
    expect(tasks({ freeSwimmingOn: '2026-03-20' })).not.toContain('siphon')
    expect(tasks({ freeSwimmingOn: '2026-03-18' })).toContain('siphon')
    expect(tasks({ freeSwimmingOn: '2026-03-18' }, [done('siphon', null)])).not.toContain('siphon')
    expect(tasks({ freeSwimmingOn: '2026-03-18' }, [done('siphon', null, '2026-03-19')])).toContain(
      'siphon',
    )
  })
})

describe('looks at bellies', () => {
  const fry: Options = {
    species: 'medium',
    foods: ['vinegar-eel', 'microworm', 'brine-shrimp'],
    freeSwimmingOn: '2026-03-10',
  }
  it('are asked once a day, after the food of the day, until the fry are grown', () => {
    // Who gets nothing has nothing to show.
    expect(stopOf(fry)!.looks).toEqual([])
    const food = log('2026-03-20T04:00:00Z', 'store.filled', {
      ...{ storeId: NAMED.store1!, name: 'Cup', foodId: 'brine-shrimp', keep: 'fridge' },
      ...{ unit: 'mL', amount: 200, organisms: 80_000, energy: 1, useBy: null },
      fromId: NAMED.hatch2!,
    })
    const ask = stopOf(fry, [food])!.looks
    expect(ask).toHaveLength(1)
    expect(ask[0]!.orange).toBe(ask[0]!.foodId === 'brine-shrimp')
    const seen = log(NOW, 'brood.bellies', {
      broodId: NAMED.brood!,
      on: '2026-03-20',
      foodId: ask[0]!.foodId,
      preyUm: ask[0]!.preyUm,
      bellies: 'full',
      weaning: false,
    })
    expect(stopOf(fry, [food, seen])!.looks).toEqual([])
    expect(stopOf({ ...fry, freeSwimmingOn: '2026-01-20' })?.looks ?? []).toEqual([])
  })
})

describe('a trial of a food', () => {
  const o: Options = {
    species: 'small',
    fry: 200,
    foods: ['infusoria', 'vinegar-eel', 'microworm', 'brine-shrimp', 'moina'],
    freeSwimmingOn: '2026-03-14',
  }
  const at = (entries: Entry[], now: string) => stopOf(o, entries, r => r, now)!
  const day = (d: number, clock: string) => `2026-03-${d}T${clock}:00Z`
  it('is offered before a change, looked at twice, then decided', () => {
    const offered = Array.from({ length: 12 }, (_, i) => 15 + i)
      .map(d => ({ d, stop: at([], day(d, '05:34')) }))
      .find(x => x.stop.weaning.length)!
    const { foodId, step } = offered.stop.weaning[0]!
    expect(step).toBe('offer')
    const about = { broodId: NAMED.brood!, foodId, on: `2026-03-${offered.d}` }
    const start = log(day(offered.d, '05:40'), 'weaning.started', about)
    const look = (bellies: 'empty' | 'full', c: string) =>
      log(day(offered.d, c), 'brood.bellies', { ...about, preyUm: 180, bellies, weaning: true })
    const evening = day(offered.d, '18:05')
    expect(at([start], evening).looks[0]).toMatchObject({ foodId, weaning: true, meal: 1 })
    const looked = [start, look('full', '05:50'), look('empty', '17:50')]
    expect(at(looked, evening).weaning[0]).toMatchObject({ step: 'decide', good: false })
  })
})
