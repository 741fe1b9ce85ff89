import { readFileSync } from 'node:fs'
import { gunzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { ROOM_FILE_VERSION, writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import {
  upgradeEntries3,
  upgradeRecords1,
  upgradeRecords3,
} from '@renatus/core/formats/upgradeRoom'
import { speciesOf } from '@renatus/core/fry/species/speciesOf'
import type { SpeciesRecord } from '@renatus/core/records/records'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { dryFoodEntries } from '@renatus/core/formats/dryFoods7'
import { roundsOf } from '@renatus/core/planning/reckoning/reckon'
import { sourcesAt } from '@renatus/core/planning/reckoning/sourcesAt'
import { upgradeEntries6 } from '@renatus/core/formats/upgradeRoom7'
import { ofKind } from '@renatus/core/records/effectiveEntries'
import { entry, type Entry } from '@renatus/core/records/entries'
import { buildRound } from '@renatus/core/round/round'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf } from '../cultureRoom'
import { log, NAMED, records, uid } from '../room'

type Raw = { type: string; kind: string; removedAt: string | null; data: Record<string, unknown> }

/** Broods as version 1 wrote them. */
export const version1 = (own: boolean) =>
  records().map((r): Record<string, unknown> => {
    if (r.type !== 'brood') return { ...r }
    const { anchor, wishes: _w, splitFrom: _s, ...rest } = r
    return {
      ...rest,
      freeSwimmingOn: anchor.on,
      dateKind: 'expected',
      own: own
        ? {
            name: 'Moss dwarf',
            firstFeedingMm: 3,
            gapePerLength: 0.06,
            length14Mm: 5,
            length30Mm: 9,
            adultMm: 30,
            referenceC: 25,
          }
        : null,
    }
  })

describe('version 1 to 2', () => {
  it('a file of version 1 opens: the brood hangs on its free-swimming day, and nothing else changes', () => {
    const text = JSON.stringify({
      ...(JSON.parse(
        writeRoomFile({
          exportedAt: '2026-03-20T10:00:00Z',
          by: 'x',
          records: [],
          entries: [],
          kept: [],
        }),
      ) as object),
      version: 1,
      records: version1(false),
    })
    const read = readRoomFile(text)
    expect(read.ok && read.file.records.find(r => r.type === 'brood')).toMatchObject({
      id: NAMED.brood,
      anchor: { event: 'free', on: '2026-03-15', kind: 'expected' },
      wishes: { school: 'ladder' },
    })
    expect(read.ok && read.file.records).toHaveLength(records().length)
  })
  it('own values become a fish of its own, the same on every device, and the brood is of it', () => {
    const [a, b] = [upgradeRecords1(version1(true)), upgradeRecords1(version1(true))]
    expect(a).toEqual(b)
    const species = a.find(r => (r as { type: string }).type === 'species') as SpeciesRecord
    const brood = a.find(r => (r as { type: string }).type === 'brood') as { speciesId: string }
    expect(speciesOf(brood.speciesId, [species])).toMatchObject({
      names: ['Moss dwarf'],
      firstFeedingMm: 3,
    })
    expect(upgradeRecords1(a)).toEqual(a)
  })
})

describe('version 2 to 3', () => {
  it('only adds kinds: a file of version 2 opens with everything in it', () => {
    const written = JSON.parse(
      writeRoomFile({
        exportedAt: '2026-03-20T10:00:00Z',
        by: 'x',
        records: records(),
        entries: [],
        kept: [],
      }),
    ) as object
    const read = readRoomFile(JSON.stringify({ ...written, version: 2 }))
    expect(read.ok && read.file.version).toBe(ROOM_FILE_VERSION)
    expect(read.ok && read.file.records).toHaveLength(records().length)
  })
})

describe('version 3 to 4', () => {
  const c = cultureOf('moina', '2026-03-01T06:00:00Z')
  const {
    warmth: _a,
    level: _b,
    vesselId: _c,
    vesselKind: _d,
    code: _e,
    order: _f,
    setId: _g,
    mother: _h,
    logged: _i,
    ...old3
  } = c
  const took = log('2026-03-02T06:00:00Z', 'culture.harvested', {
    cultureId: c.id,
    seen: 'good',
    share: 0.2,
  })
  const old = { ...took, data: { cultureId: c.id, seen: 'good', share: 0.2 } }
  it('a culture that was there stays where it was, warmed by itself, without being struck out for having no start in the log', () => {
    const written = JSON.parse(
      writeRoomFile({
        exportedAt: '2026-03-20T10:00:00Z',
        by: 'x',
        records: records(),
        entries: [],
        kept: [],
      }),
    ) as { records: object[] }
    const read = readRoomFile(
      JSON.stringify({
        ...written,
        version: 3,
        records: [...written.records, old3],
        entries: [old],
      }),
    )
    expect(read.ok && read.file.records.find(r => r.id === c.id)).toEqual(c)
    expect(read.ok && read.file.entries).toEqual([took])
    expect(
      read.ok &&
        roomState(read.file.records, read.file.entries, '2026-03-20T10:00:00Z')!.cultures.map(
          x => x.id,
        ),
    ).toEqual([c.id])
  })
  it('is the same in a database, and changes nothing that is of version 4 already', () => {
    const { vesselId, ...rest } = c
    const c4 = { ...rest, containerId: vesselId }
    expect(upgradeRecords3([old3])).toEqual([c4])
    expect(upgradeRecords3([c4, ...records()])).toEqual([c4, ...records()])
    expect(upgradeEntries3([old]).map(e => entry.parse(e))).toEqual([took])
    const again = upgradeEntries3(upgradeEntries3([old]))
    expect(again).toEqual(upgradeEntries3([old]))
  })
})

describe('version 5 to 6', () => {
  it('only adds kinds: a file of version 5 opens with everything in it, and gel goes through a file of 6', () => {
    const mix = {
      id: '01KFYX5A43EQ1M3Z4Q062S2D34',
      updatedAt: '2026-03-01T00:00:00.000Z',
      removedAt: null,
      type: 'gel-mix',
      name: 'Powder',
      label: { protein: 42, fat: 8, fibre: 4, ash: 10, moisture: 8 },
      gPerMl: 0.55,
      costPerKg: 30,
      particleUm: null,
      binder: 'powder',
      firmness: 'standard',
      parts: 3,
      formula: null,
      job: 'pick',
    }
    const written = JSON.parse(
      writeRoomFile({
        exportedAt: '2026-03-20T10:00:00Z',
        by: 'x',
        records: records(),
        entries: [],
        kept: [],
      }),
    ) as { records: unknown[] }
    const old = readRoomFile(JSON.stringify({ ...written, version: 5 }))
    expect(old.ok && old.file.records).toEqual(records())
    const now = readRoomFile(JSON.stringify({ ...written, records: [...written.records, mix] }))
    expect(now.ok && now.file.records.at(-1)).toMatchObject({
      type: 'gel-mix',
      broodIds: [],
      grams: null,
    })
    const broken = readRoomFile(
      JSON.stringify({
        ...written,
        records: [...written.records, { ...mix, label: { ...mix.label, protein: 140 } }],
      }),
    )
    expect(!broken.ok && broken.problem).toMatchObject({
      code: 'broken',
      path: expect.stringContaining('label.protein') as never,
    })
  })
})

describe('version 6 to 7', () => {
  const lived = gunzipSync(readFileSync('tests/fixtures/room-6.json.gz')).toString()
  const before = JSON.parse(lived) as { records: Raw[]; entries: Raw[] }
  const read = readRoomFile(lived)
  if (!read.ok) throw new Error(JSON.stringify(read.problem))
  const { file } = read
  const sum = (of: (number | null)[]) => of.reduce<number>((a, b) => a + (b ?? 0), 0)
  const old = (kind: string) => before.entries.filter(e => e.kind === kind).map(e => e.data)

  it('eight weeks come up with every entry, in order, under the same id and act', () => {
    const key = (e: { id: string; act: string; at: string }) => `${e.id} ${e.act} ${e.at}`
    expect(file.entries.map(key)).toEqual(before.entries.map(e => key(e as never)))
    expect(before.entries.length).toBeGreaterThan(1000)
    const hatches = old('hatch.started').length
    expect(file.records).toHaveLength(before.records.length + hatches)
    expect(new Set(file.records.map(r => r.id)).size).toBe(file.records.length)
  })

  it('what was started, pulled, put by and fed is still the same in sum', () => {
    const now = ofKind(file.entries, 'culture.harvested').filter(e => e.data.organisms !== null)
    const pulled = old('hatch.harvested').map(d => d.nauplii as number)
    expect(pulled.length).toBeGreaterThan(10)
    expect(sum(now.map(e => e.data.organisms))).toBeCloseTo(sum(pulled), 3)
    const fed = ofKind(file.entries, 'tank.fed').flatMap(e => e.data.portions)
    const nauplii = old('tank.fed').map(d => d.nauplii as number)
    const others = old('tank.given').flatMap(d => d.foods as { organisms: number }[])
    expect(sum(fed.map(p => p.organisms))).toBeCloseTo(
      sum(nauplii) + sum(others.map(f => f.organisms)),
      3,
    )
    const stored = ofKind(file.entries, 'store.filled').map(e => e.data.organisms)
    expect(sum(stored)).toBeCloseTo(sum(old('nauplii.stored').map(d => d.nauplii as number)), 3)
  })

  it('the room stands as it stood: bottles that ran run, with their pulls, and give a round', () => {
    const now = '2026-03-24T05:34:00Z'
    const state = roomState(file.records, file.entries, now)!
    const ended = new Set([
      ...old('hatch.emptied').map(d => d.hatchId),
      ...old('hatch.harvested')
        .filter(d => d.finished)
        .map(d => d.hatchId),
    ])
    const ran = old('hatch.started').filter(d => !ended.has(d.hatchId))
    expect(state.hatches.filter(h => h.endedAt === null).map(h => h.id)).toEqual(
      ran.map(d => d.hatchId),
    )
    expect(state.hatchVessels.length).toBe(
      before.records.filter(r => r.type === 'vessel' && r.removedAt === null).length,
    )
    expect(buildRound(state, readRoom(state)).stops.length).toBeGreaterThan(3)
  })

  it('a bottle half pulled and emptied for a reason keeps both, and an undone start stays undone', () => {
    const at = '2026-03-10T06:00:00Z'
    const e = (kind: string, data: object, id = uid(at)) => ({
      ...{ id, at, by: 'x', act: id, subject: { type: 'hatch', id: NAMED.hatch1 } },
      ...{ supersedes: null, answers: null, kind, data },
    })
    const start = e('hatch.started', {
      ...{ hatchId: NAMED.hatch1, vesselId: NAMED.cone1, lotId: NAMED.lot, saltId: NAMED.salt },
      ...{ waterL: 2, saltG: 50, cystsG: 1, sodaG: 0, temperatureC: 26, lit: true },
      ...{ decapsulated: false, pullsAt: [], proposed: null },
    })
    const pull = e('hatch.harvested', {
      ...{ hatchId: NAMED.hatch1, seen: 'good', count: null, volumeMl: 200 },
      ...{ nauplii: 5000, energy: 0.9, finished: false },
    })
    const empty = e('hatch.emptied', { hatchId: NAMED.hatch1, reason: 'spent' })
    const [s7, p7, e7] = upgradeEntries6([start, pull, empty]).map(x => entry.parse(x))
    expect(s7).toMatchObject({ kind: 'culture.started', subject: { type: 'culture' } })
    expect(p7).toMatchObject({ data: { organisms: 5000, cupMl: 200, finished: false } })
    expect(e7).toMatchObject({ kind: 'culture.ended', data: { reason: 'spent' } })
    expect(upgradeEntries6([s7, p7, e7])).toEqual([s7, p7, e7])
  })

  it('dry food that was ticked stands in the room as a tin, once however often it is upgraded', () => {
    const room = records({ foods: ['first-powder', 'paramecium'] })
    const tins = dryFoodEntries(room).map(x => entry.parse(x))
    expect(tins).toHaveLength(1)
    expect(tins[0]!.data).toMatchObject({ foodId: 'first-powder', keep: 'dry', amount: null })
    expect(dryFoodEntries(room)).toEqual(dryFoodEntries(structuredClone(room)))
    const state = roomState(room, tins as Entry[], '2026-03-10T06:00:00Z')!
    expect(state.stores.map(s => s.foodId)).toEqual(['first-powder'])
    const sources = sourcesAt(state, new Map(), roundsOf(state).current, [])
    expect(sources.find(s => s.foodId === 'first-powder')?.ready).toBe(true)
  })
})
