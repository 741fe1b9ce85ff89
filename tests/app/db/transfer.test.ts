import Dexie from 'dexie'
import { describe, expect, it } from 'vitest'
import { readRoomFile, type RoomFile } from '@renatus/core/formats/roomFile'
import { roomState } from '@renatus/core/stock/roomState'
import { demoAt } from '../../../tools/rooms/demoAt'
import { lastLearned } from '~/db/learned'
import { WorkingRoom } from '~/db/workingRoom'
import { learnInto } from '~/db/learning'
import { RenatusDatabase } from '~/db/database'
import { writeAct } from '~/db/logbook'
import { restoreKept, saveRecords } from '~/db/registry'
import { exportRoom, lastExport } from '~/db/exportRoom'
import { importRoom, isOtherRoom } from '~/db/transfer'
import { putRoom } from '~/db/putRoom'

let n = 0
const fresh = () => new RenatusDatabase(`transfer-${n++}`)
const demo = demoAt('2026-03-24T05:34:00.000Z', 'UTC')
const read = (text: string): RoomFile => {
  const result = readRoomFile(text)
  if (!result.ok) throw new Error(result.problem.code)
  return result.file
}
const content = (text: string) => ({ ...read(text), exportedAt: '', by: '' })

describe('export and import', () => {
  it('an empty database shows the same after an import, and remembers when it was exported', async () => {
    const [a, b] = [fresh(), fresh()]
    await importRoom(a, demo, 'merge')
    expect(await lastExport(a)).toBeNull()
    const text = await exportRoom(a)
    expect(await lastExport(a)).not.toBeNull()
    await importRoom(b, read(text), 'merge')
    expect(content(await exportRoom(b))).toEqual(content(text))
  })

  it('a room that is put in the place of another is as if it had been imported', async () => {
    const [a, b] = [fresh(), fresh()]
    await importRoom(a, demo, 'replace')
    await writeAct(b, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text: 'old' } }])
    await putRoom(b, demo)
    expect(content(await exportRoom(b))).toEqual(content(await exportRoom(a)))
  })

  it('two devices that went on apart end alike, and the loser can be restored', async () => {
    const [a, b] = [fresh(), fresh()]
    await importRoom(a, demo, 'merge')
    await importRoom(b, demo, 'merge')
    const tank = demo.records.find(r => r.type === 'tank')!
    await saveRecords(a, [{ ...tank, name: 'Left' } as never])
    await new Promise(resolve => setTimeout(resolve, 5))
    await saveRecords(b, [{ ...tank, name: 'Right' } as never])
    await writeAct(a, [
      { kind: 'note', subject: { type: 'room', id: 'x' }, data: { text: 'from a' } },
    ])
    const fromA = read(await exportRoom(a))
    const merged = await importRoom(b, fromA, 'merge')
    await importRoom(a, read(await exportRoom(b)), 'merge')
    expect(merged.conflicts).toHaveLength(1)
    expect((await a.records.get(tank.id))!.name).toBe('Right')
    expect(await a.entries.count()).toBe(await b.entries.count())
    const lost = (await b.kept.toArray()).find(k => k.record.name === 'Left')!
    await restoreKept(b, lost.n!)
    expect((await b.records.get(tank.id))!.name).toBe('Left')
    expect((await b.kept.toArray()).some(k => k.record.name === 'Right')).toBe(true)
  })

  it('knows the file of another room', async () => {
    const db = fresh()
    await saveRecords(db, [
      {
        type: 'room',
        name: 'Mine',
        timeZone: 'UTC',
        rounds: [{ name: 'M', at: '06:30' }],
        measures: 'metric',
        water: { pH: null, soft: false },
        hatchSaltGL: 25,
      } as never,
    ])
    expect(await isOtherRoom(db, demo)).toBe(true)
  })
})

describe('stored data of older versions', () => {
  it('version 1, as it first shipped, opens and reads in this one', async () => {
    const name = `older-${n++}`
    const old = new Dexie(name)
    old.version(1).stores({
      records: 'id, type',
      entries: 'id, at, kind, act, answers',
      kept: '++n, record.id',
      meta: 'key',
    })
    const species = {
      firstFeedingMm: 3,
      gapePerLength: 0.06,
      length14Mm: 5,
      length30Mm: 9,
      adultMm: 30,
      referenceC: 25,
      name: 'Moss dwarf',
    }
    await old.table('records').bulkAdd(
      demo.records.map(r => {
        if (r.type !== 'brood') return r
        const { anchor, wishes: _w, splitFrom: _s, ...rest } = r
        return {
          ...rest,
          freeSwimmingOn: anchor.on,
          dateKind: anchor.kind,
          own: r.name === 'Scarlet badis' ? species : null,
        }
      }),
    )
    await old.table('entries').bulkAdd(demo.entries)
    old.close()
    const db = new RenatusDatabase(name)
    expect(await db.entries.count()).toBe(demo.entries.length)
    expect(readRoomFile(await exportRoom(db)).ok).toBe(true)
    const own = (await db.records.where('type').equals('species').toArray())[0]!
    const badis = (await db.records.toArray()).find(r => r.name === 'Scarlet badis')!
    expect([
      own.name,
      badis.type === 'brood' && badis.speciesId,
      badis.type === 'brood' && badis.anchor.event,
    ]).toEqual(['Moss dwarf', own.id, 'free'])
  })
  it('version 2 opens in this one, and what it teaches is worked out and kept', async () => {
    const name = `older-${n++}`
    const old = new Dexie(name)
    old.version(1).stores({
      records: 'id, type',
      entries: 'id, at, kind, act, answers',
      kept: '++n, record.id',
      meta: 'key',
    })
    old.version(2).upgrade(() => {})
    await old.table('records').bulkAdd(demo.records)
    await old.table('entries').bulkAdd(demo.entries)
    old.close()
    const db = new RenatusDatabase(name)
    expect(await lastLearned(db)).toBeNull()
    await learnInto(db, new WorkingRoom(db))
    const lot = demo.records.find(r => r.type === 'lot')!.id
    expect((await lastLearned(db))!.lots[lot]!.hatch.from).toBeGreaterThan(5)
    // What another version worked out is not believed.
    const kept = (await db.meta.get('learned'))!
    await db.meta.put({ key: 'learned', value: { ...(kept.value as object), version: 0 } })
    expect(await lastLearned(db)).toBeNull()
  })
  it('version 3 opens in this one: cultures keep standing, with what this version knows more of them', async () => {
    const name = `older-${n++}`
    const old = new Dexie(name)
    old.version(1).stores({
      records: 'id, type',
      entries: 'id, at, kind, act, answers',
      kept: '++n, record.id',
      meta: 'key',
    })
    old.version(3).stores({})
    const FIELDS = [
      'warmth',
      'level',
      'vesselId',
      'vesselKind',
      'code',
      'order',
      'setId',
      'mother',
      'logged',
      'topC',
      'bottomC',
      'address',
    ]
    const strip = (o: object) =>
      Object.fromEntries(Object.entries(o).filter(([k]) => !FIELDS.includes(k)))
    await old
      .table('records')
      .bulkAdd(demo.records.filter(r => r.type !== 'rolling-set').map(strip))
    await old.table('entries').bulkAdd(
      demo.entries
        .filter(e => !['culture.started', 'place.temperature'].includes(e.kind))
        .map(e =>
          e.kind === 'culture.harvested'
            ? {
                ...e,
                data: { cultureId: e.data.cultureId, seen: e.data.seen, share: e.data.share },
              }
            : e,
        ),
    )
    await old.table('kept').add({
      keptAt: '2026-03-01T00:00:00Z',
      reason: 'older',
      record: strip(demo.records.find(r => r.type === 'culture')!),
    })
    old.close()
    const db = new RenatusDatabase(name)
    const file = read(await exportRoom(db))
    const cultures = file.records.filter(r => r.type === 'culture')
    expect(cultures).toHaveLength(demo.records.filter(r => r.type === 'culture').length)
    expect(
      cultures.every(
        c => c.type === 'culture' && c.warmth === 'own' && c.code === null && !c.logged,
      ),
    ).toBe(true)
    expect(file.kept[0]!.record).toMatchObject({ type: 'culture', level: 'middle' })
    expect(roomState(file.records, file.entries, demo.exportedAt)!.cultureStates).toHaveLength(
      cultures.length,
    )
    expect(
      (await db.entries.where('kind').equals('culture.harvested').first())!.data,
    ).toMatchObject({ portions: [], despite: [], ml: null })
  })
})
