import { describe, expect, it } from 'vitest'
import { ROOM_FILE_VERSION, readRoomFile, writeRoomFile } from '@renatus/core/formats/roomFile'
import {
  upgradeEntries3,
  upgradeRecords1,
  upgradeRecords3,
} from '@renatus/core/formats/upgradeRoom'
import { speciesOf } from '@renatus/core/fry/species/speciesOf'
import type { SpeciesRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf } from '../cultureRoom'
import { log, NAMED, records } from '../room'

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
    containerId: _c,
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
    expect(upgradeRecords3([old3])).toEqual([c])
    expect(upgradeRecords3([c, ...records()])).toEqual([c, ...records()])
    expect(upgradeEntries3([old])).toEqual([took])
    expect(upgradeEntries3([took])).toEqual([took])
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
