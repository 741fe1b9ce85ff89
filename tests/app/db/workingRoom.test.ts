import { describe, expect, it, vi } from 'vitest'
import type { Draft } from '@renatus/core/records/draft'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { makeId } from '@renatus/core/records/id'
import { roomState } from '@renatus/core/stock/roomState'
import { toldOf } from '@renatus/core/stock/toldOf'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { ROOM_FILE_VERSION } from '@renatus/core/formats/writeRoomFile'
import { addHours } from '@renatus/core/time/localDate'
import { RenatusDatabase, type Derived } from '~/db/database'
import { everything } from '~/db/exportRoom'
import { undoAct, writeAct } from '~/db/logbook'
import { removeRecord, restoreKept, saveRecords } from '~/db/registry'
import { settle as settleRoom } from '~/db/settling'
import { importRoom } from '~/db/transfer'
import { putRoom } from '~/db/putRoom'
import { WorkingRoom } from '~/db/workingRoom'
import { demoAt } from '../../../tools/rooms/demoAt'
import { yearsOf } from '../../../tools/rooms/yearsOf'
import { records } from '../../core/room'

let serial = 0
const fresh = () => new RenatusDatabase(`working ${++serial}`)
const note = (db: RenatusDatabase, text: string) =>
  writeAct(db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text } }])
const texts = async (room: WorkingRoom) =>
  (await room.read()).entries.map(e => (e.kind === 'note' ? e.data.text : ''))

describe('a room by its tail', () => {
  it('is read whole once, then only what came; while nothing came it is the same list', async () => {
    const db = fresh()
    const room = new WorkingRoom(db)
    expect(await texts(room)).toEqual([])
    await note(db, 'one')
    expect(await texts(room)).toEqual(['one'])
    const before = await room.read()
    expect((await room.read()).entries).toBe(before.entries)
    expect((await room.read()).records).toBe(before.records)
    await note(db, 'two')
    expect(await texts(room)).toEqual(['one', 'two'])
    expect(before.entries).toHaveLength(1)
    db.close()
  })
  it('records are read anew after any way of changing one, entries always', async () => {
    const db = fresh()
    const room = new WorkingRoom(db)
    await note(db, 'one')
    await db.records.bulkPut(records())
    let before = await room.read()
    await note(db, 'two')
    const all = vi.spyOn(db.records, 'toArray')
    expect((await room.read()).records).toBe(before.records)
    expect(all).not.toHaveBeenCalled()
    all.mockRestore()
    const file: RoomFile = {
      format: 'renatus-room',
      version: ROOM_FILE_VERSION,
      exportedAt: '2026-03-01T00:00:00.000Z',
      by: 'there',
      ...(await everything(db)),
    }
    const tank = records().find(r => r.type === 'tank')!
    const renamed = (name: string) => ({ ...tank, name, updatedAt: '2027-01-01T00:00:00.000Z' })
    const ways = [
      () => saveRecords(db, [{ ...tank, name: 'saved' }]),
      () => removeRecord(db, tank.id),
      async () => restoreKept(db, (await db.kept.toCollection().primaryKeys())[0]!),
      () => writeAct(db, [], null, [{ ...tank, name: 'with an act' }]),
      () => importRoom(db, { ...file, records: [renamed('merged')] }, 'merge'),
      () => importRoom(db, file, 'replace'),
      () => putRoom(db, { ...file, records: [renamed('put')] }),
    ]
    for (const [i, way] of ways.entries()) {
      await way()
      const after = await room.read()
      expect(after.records, `way ${i}`).toEqual(await db.records.toArray())
      expect(after.mark, `way ${i}`).not.toBe(before.mark)
      before = after
    }
    db.close()
  })
  it('what is written after something of tomorrow comes after it, and nothing is missed', async () => {
    const db = fresh()
    const room = new WorkingRoom(db)
    await note(db, 'one')
    const [one] = (await room.read()).entries
    // An id of tomorrow, as of a device whose clock runs ahead.
    await db.entries.add({ ...one!, id: makeId(Date.now() + 86_400_000, new Uint8Array(10)) })
    expect(await texts(room)).toEqual(['one', 'one'])
    await note(db, 'two')
    expect(await texts(room)).toEqual(['one', 'one', 'two'])
    db.close()
  })
  it('what another device wrote earlier comes between, and a replaced room is another log', async () => {
    const [here, there] = [fresh(), fresh()]
    await note(there, 'earlier')
    await here.records.bulkPut(records())
    await note(here, 'mine')
    const room = new WorkingRoom(here)
    expect(await texts(room)).toEqual(['mine'])
    const file: RoomFile = {
      format: 'renatus-room',
      version: ROOM_FILE_VERSION,
      exportedAt: '2026-03-01T00:00:00.000Z',
      by: 'there',
      ...(await everything(there)),
    }
    await importRoom(here, { ...file, records: records() }, 'merge')
    expect(await texts(room)).toEqual(['earlier', 'mine'])
    await importRoom(here, { ...file, records: records() }, 'replace')
    expect(await texts(room)).toEqual(['earlier'])
    here.close()
    there.close()
  })
})

describe('a room of years by its checkpoint', () => {
  const NOW = '2026-03-24T05:34:00.000Z'
  const years = yearsOf(demoAt(NOW, 'Europe/Berlin'), 5500)
  const settle = (db: RenatusDatabase, now: string) => {
    const whole = new WorkingRoom(db)
    whole.widen()
    return settleRoom(db, whole, now)
  }
  const here = (e: Entry) => e.at > addHours(NOW, -24 * 50)
  let derived: Derived[] | null = null
  /** A database of some thousands of entries that was settled: once, and copied for the next who asks. */
  async function settled() {
    const db = fresh()
    await db.records.bulkPut(years.records)
    await db.entries.bulkPut(years.entries)
    if (derived) await db.derived.bulkPut(derived)
    else await settle(db, NOW)
    derived ??= await db.derived.toArray()
    return db
  }
  const told = ({ records, entries, settled }: Awaited<ReturnType<WorkingRoom['read']>>) =>
    JSON.parse(toldOf(roomState(records, entries, NOW, undefined, settled)!)) as unknown
  const whole = async (db: RenatusDatabase) => {
    const room = new WorkingRoom(db)
    room.widen()
    return told(await room.read())
  }
  const change = (db: RenatusDatabase, value: object) =>
    db.derived.where('key').equals('working log').modify(value)
  const late = (e: Entry): Draft => ({ kind: e.kind, subject: e.subject, data: e.data }) as Draft
  const isOld = async (db: RenatusDatabase) => (await new WorkingRoom(db).read()).stale

  it('opens with a part of the log and says the same of the room', async () => {
    const db = await settled()
    const read = await new WorkingRoom(db).read()
    expect(read.entries.length).toBeLessThan(0.6 * years.entries.length)
    expect(read.records.length).toBeLessThan(0.7 * years.records.length)
    expect(read.count).toBe(years.entries.length)
    expect(told(read)).toEqual(await whole(db))
    db.close()
  })
  it('takes the records it was made with as long as none has changed', async () => {
    const db = await settled()
    const asked = vi.spyOn(db.records, 'where')
    const { records } = await new WorkingRoom(db).read()
    expect(asked).not.toHaveBeenCalled()
    asked.mockRestore()
    const tank = records.find(r => r.type === 'tank')!
    await saveRecords(db, [{ ...tank, name: 'Another name' }])
    const read = await new WorkingRoom(db).read()
    expect(read.records.find(r => r.id === tank.id)!.name).toBe('Another name')
    expect(read.entries.length).toBeLessThan(0.6 * years.entries.length)
    expect(told(read)).toEqual(await whole(db))
    db.close()
  })
  it('goes on with what comes, and is not made again for that', async () => {
    const db = await settled()
    const room = new WorkingRoom(db)
    const before = await room.read()
    await note(db, 'today')
    const after = await room.read()
    expect(after.entries).toHaveLength(before.entries.length + 1)
    expect(after.records).toBe(before.records)
    expect(await isOld(db)).toBe(false)
    db.close()
  })
  it('is not believed of another build, half written or at a wrong place, and is made again', async () => {
    const broken: object[] = [
      { build: 'older' },
      { 'value.entries': [] },
      { 'value.entries': null },
      { 'value.records': null },
      { 'value.count': 12 },
      { 'value.last': '0' },
      { 'value.generation': 'other' },
      { value: 'text' },
      { 'value.settled': {} },
    ]
    const db = await settled()
    const made = await db.derived.toArray()
    for (const one of broken) {
      await db.derived.bulkPut(made)
      await change(db, one)
      const read = await new WorkingRoom(db).read()
      expect(read.entries, JSON.stringify(one)).toHaveLength(years.entries.length)
    }
    await settle(db, NOW)
    const again = await new WorkingRoom(db).read()
    expect(again.entries.length).toBeLessThan(0.6 * years.entries.length)
    db.close()
  })
  it('a late entry of last year, and one of what is over, read the whole log and make it anew', async () => {
    const old = years.entries.find(e => e.kind === 'culture.ended')!
    for (const at of [old.at, NOW]) {
      const db = await settled()
      const room = new WorkingRoom(db)
      await room.read()
      await writeAct(db, [{ ...late(old), at }])
      expect((await room.read()).entries).toHaveLength(years.entries.length + 1)
      expect(await isOld(db)).toBe(true)
      await settle(db, NOW)
      expect(await isOld(db)).toBe(false)
      const read = await room.read()
      expect(read.entries.length).toBeLessThan(0.6 * years.entries.length)
      expect(told(read)).toEqual(await whole(db))
      db.close()
    }
  })
  it('an undo of a start with a hundred entries after it says what the whole log says', async () => {
    const starts = years.entries.filter(e => e.kind === 'culture.started')
    for (const start of [starts[0]!, starts.filter(here)[0]!]) {
      const db = await settled()
      const room = new WorkingRoom(db)
      await room.read()
      await undoAct(db, start.act)
      expect(told(await room.read())).toEqual(await whole(db))
      db.close()
    }
  })
  it('a clock that is set back leaves nothing out that it should have', async () => {
    const db = await settled()
    const back = addHours(NOW, -24 * 120)
    await writeAct(db, [
      { kind: 'note', at: back, subject: { type: 'room', id: 'x' }, data: { text: 'back' } },
    ])
    expect((await new WorkingRoom(db).read()).entries).toHaveLength(years.entries.length + 1)
    await settle(db, back)
    const read = await new WorkingRoom(db).read()
    expect(read.settled.before < back).toBe(true)
    db.close()
  })
  it('two engines settle and write side by side, and both see everything', async () => {
    const db = await settled()
    const other = new RenatusDatabase(db.name)
    const [mine, theirs] = [new WorkingRoom(db), new WorkingRoom(other)]
    await Promise.all([mine.read(), theirs.read()])
    await Promise.all([
      note(db, 'mine'),
      note(other, 'theirs'),
      settle(db, addHours(NOW, 24 * 9)),
      settle(other, addHours(NOW, 24 * 9)),
    ])
    const reads = await Promise.all([mine.read(), theirs.read(), new WorkingRoom(db).read()])
    for (const r of reads) {
      expect(r.count).toBe(years.entries.length + 2)
      expect(r.entries.filter(e => e.kind === 'note').length).toBeGreaterThanOrEqual(2)
      expect(told(r)).toEqual(await whole(db))
    }
    other.close()
    db.close()
  })
  it('what is long over is read when it is looked at', async () => {
    const db = await settled()
    const room = new WorkingRoom(db)
    const read = await room.read()
    const here = new Set(read.records.map((r: AnyRecord) => r.id))
    const gone = years.records.find(r => r.type === 'culture' && !here.has(r.id))!
    expect(room.leavesOut(gone.id)).toBe(true)
    room.widen()
    expect(room.leavesOut(gone.id)).toBe(true)
    const all = await room.read()
    expect(room.leavesOut(gone.id)).toBe(false)
    expect(all.entries).toHaveLength(years.entries.length)
    expect(all.stale).toBe(false)
    db.close()
  })
})
