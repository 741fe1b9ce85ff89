import { describe, expect, it } from 'vitest'
import { RenatusDatabase } from '~/db/database'
import { keepReadings, knownReadings, type KeptReading } from '~/db/keptReadings'
import { writeAct } from '~/db/logbook'
import { LogTail } from '~/db/logTail'
import { everything } from '~/db/exportRoom'
import { importRoom } from '~/db/transfer'
import { records } from '../../core/room'

let serial = 0
const fresh = () => new RenatusDatabase(`tail ${++serial}`)
const note = (db: RenatusDatabase, text: string) =>
  writeAct(db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text } }])
const texts = async (tail: LogTail) =>
  (await tail.read()).map(e => (e.kind === 'note' ? e.data.text : ''))

describe('the log by its tail', () => {
  it('is read whole once, then only what came; while nothing came it is the same list', async () => {
    const db = fresh()
    const tail = new LogTail(db)
    expect(await texts(tail)).toEqual([])
    await note(db, 'one')
    expect(await texts(tail)).toEqual(['one'])
    const before = await tail.read()
    expect(await tail.read()).toBe(before)
    await note(db, 'two')
    expect(await texts(tail)).toEqual(['one', 'two'])
    expect(before).toHaveLength(1)
    db.close()
  })
  it('what another device wrote earlier comes between, and a replaced room is another log', async () => {
    const [here, there] = [fresh(), fresh()]
    await note(there, 'earlier')
    await here.records.bulkPut(records())
    await note(here, 'mine')
    const tail = new LogTail(here)
    expect(await texts(tail)).toEqual(['mine'])
    const file = {
      format: 'renatus-room' as const,
      version: 7 as const,
      exportedAt: '2026-03-01T00:00:00.000Z',
      by: 'there',
      ...(await everything(there)),
    }
    await importRoom(here, { ...file, records: records() }, 'merge')
    expect(await texts(tail)).toEqual(['earlier', 'mine'])
    await importRoom(here, { ...file, records: records() }, 'replace')
    expect(await texts(tail)).toEqual(['earlier'])
    here.close()
    there.close()
  })
})

describe('readings that are kept', () => {
  const reading = (id: string) => ({ id }) as KeptReading['reading']
  it('hold while nothing they hang on changed, and are not believed of another build', async () => {
    const db = fresh()
    await keepReadings(db, [{ id: 'a', ahead: false, signature: 's1', reading: reading('a') }])
    const known = async (signature: string) => [
      ...(await knownReadings(db, [{ id: 'a', signature }])).keys(),
    ]
    expect(await known('s1')).toEqual(['a'])
    expect(await known('s2')).toEqual([])
    await db.derived.toCollection().modify({ build: 'older' })
    expect(await known('s1')).toEqual([])
    db.close()
  })
  it('that they cannot be kept is no failure', async () => {
    const db = fresh()
    await db.open()
    db.close({ disableAutoOpen: true })
    const kept = { id: 'a', ahead: false, signature: 's', reading: reading('a') }
    await expect(keepReadings(db, [kept])).resolves.toBeUndefined()
  })
})
