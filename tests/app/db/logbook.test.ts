import { beforeEach, describe, expect, it } from 'vitest'
import { idTime } from '@renatus/core/records/id'
import { RenatusDatabase } from '~/db/database'
import { undoAct, writeAct } from '~/db/logbook'
import { newId, rememberId } from '~/db/newId'
import { removeRecord, saveRecords } from '~/db/registry'

let db: RenatusDatabase
let n = 0
beforeEach(() => {
  db = new RenatusDatabase(`test-${n++}`)
})
const BENCH = { type: 'place', name: 'Bench', topC: null, bottomC: null } as const
const note = (text: string) => ({
  kind: 'note' as const,
  subject: { type: 'room', id: 'x' },
  data: { text },
})

describe('the logbook', () => {
  it('writes what belongs together under one act, or nothing at all', async () => {
    const result = await writeAct(db, [note('a'), note('b')])
    expect(result.ok && new Set(result.entries.map(e => e.act)).size).toBe(1)
    await expect(writeAct(db, [note('c'), note('')])).rejects.toThrow()
    expect(await db.entries.count()).toBe(2)
  })

  it('a proposal is answered once, though two tabs press at the same time', async () => {
    const both = await Promise.all([
      writeAct(db, [note('tab one')], 'start:x'),
      writeAct(db, [note('tab two')], 'start:x'),
    ])
    expect(both.map(r => r.ok).sort()).toEqual([false, true])
    expect(await db.entries.count()).toBe(1)
  })

  it('after an undo the same proposal may be answered again, and nothing was erased', async () => {
    const first = await writeAct(db, [note('a')], 'start:x')
    await undoAct(db, first.ok ? first.act : '')
    expect((await writeAct(db, [note('b')], 'start:x')).ok).toBe(true)
    expect(await db.entries.count()).toBe(3)
  })
})

describe('ids', () => {
  it('go on rising when the clock was set back', () => {
    const future = newId()
    rememberId(`${future.slice(0, 5)}ZZZZZ${future.slice(10)}`)
    const next = newId()
    expect(next > future).toBe(true)
    expect(idTime(newId())).toBeGreaterThan(idTime(next))
  })
})

describe('the registry', () => {
  it('refuses a record that its schema refuses, and saves none of its companions', async () => {
    await expect(
      saveRecords(db, [
        { type: 'place', name: 'Bench' },
        { type: 'place', name: '' },
      ] as never),
    ).rejects.toThrow()
    expect(await db.records.count()).toBe(0)
  })
  it('removing hides a record and keeps it', async () => {
    const { records } = await saveRecords(db, [BENCH])
    const [place] = records
    await removeRecord(db, place!.id)
    expect((await db.records.get(place!.id))?.removedAt).not.toBeNull()
  })

  it('of two forms that were open at once the second stands, and the first is kept', async () => {
    const { records } = await saveRecords(db, [BENCH])
    const opened = { ...records[0]! } as never
    const first = await saveRecords(db, [{ ...(opened as object), name: 'By the door' } as never])
    expect(first.overtaken).toEqual([])
    const second = await saveRecords(db, [{ ...(opened as object), name: 'By the sill' } as never])
    expect(second.overtaken).toMatchObject([{ name: 'By the door' }])
    expect((await db.records.toArray()).map(r => r.name)).toEqual(['By the sill'])
    expect((await db.kept.toArray()).map(k => k.record.name)).toEqual(['Bench', 'By the door'])
  })
  it('a version is never older than the one it replaces, whatever a clock says', async () => {
    const { records } = await saveRecords(db, [BENCH])
    const ahead = '2090-01-01T00:00:00.000Z'
    await db.records.put({ ...records[0]!, updatedAt: ahead })
    const later = await saveRecords(db, [{ ...BENCH, id: records[0]!.id, name: 'Sill' }])
    expect(later.records[0]!.updatedAt > ahead).toBe(true)
    await removeRecord(db, records[0]!.id)
    const removed = (await db.records.get(records[0]!.id))!
    expect(removed.updatedAt > later.records[0]!.updatedAt).toBe(true)
  })
})
