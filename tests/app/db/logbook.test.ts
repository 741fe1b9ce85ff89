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
    const [place] = await saveRecords(db, [{ type: 'place', name: 'Bench' }])
    await removeRecord(db, place!.id)
    expect((await db.records.get(place!.id))?.removedAt).not.toBeNull()
  })
})
