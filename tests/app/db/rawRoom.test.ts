import { describe, expect, it } from 'vitest'
import { salvage } from '@renatus/core/formats/salvage'
import { RenatusDatabase } from '~/db/database'
import { writeAct } from '~/db/logbook'
import { putAside, rawRoom } from '~/db/rawRoom'
import { seal, unseal } from '~/db/sealed'
import { takeFile } from '~/db/takeFile'
import { roomText } from '~/db/exportRoom'
import { records } from '../../core/room'

let serial = 0
const NOW = '2026-03-20T10:00:00.000Z'
const fresh = () => new RenatusDatabase(`raw ${serial++}`)

async function damaged() {
  const db = fresh()
  await db.records.bulkPut(records())
  await writeAct(db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text: 'a' } }])
  await db.records.put({ id: 'BAD', type: 'tank' } as never)
  await db.entries.put({ id: 'WORSE', kind: 'tank.fed' } as never)
  await db.kept.add({ keptAt: NOW, reason: 'older', record: records()[0]! })
  db.close()
  return db.name
}

describe('a database that is not as it should be', () => {
  it('is read row by row; what cannot be read is put beside it, and the rest stands', async () => {
    const name = await damaged()
    const raw = await rawRoom(name)
    const sound = salvage(raw)
    expect(sound.unreadable.map(u => [u.table, u.id])).toEqual([
      ['records', 'BAD'],
      ['entries', 'WORSE'],
    ])
    expect(sound.kept).toHaveLength(1)
    await putAside(name, raw, sound.unreadable)
    const after = await rawRoom(name)
    expect(salvage(after).unreadable).toEqual([])
    expect(after.records).toHaveLength(records().length)
    const db = new RenatusDatabase(name)
    expect((await db.meta.get('unreadable rows'))!.value).toMatchObject([
      { id: 'BAD' },
      { id: 'WORSE' },
    ])
    db.close()
  })
  it('of another version it is read all the same, and none is made where there is none', async () => {
    const name = `old ${serial++}`
    await new Promise<void>(done => {
      const asked = indexedDB.open(name, 990)
      asked.onupgradeneeded = () =>
        asked.result.createObjectStore('records', { keyPath: 'id' }).put(records()[0])
      asked.onsuccess = () => {
        asked.result.close()
        done()
      }
    })
    expect((await rawRoom(name)).records).toHaveLength(1)
    await expect(rawRoom(`none ${serial++}`)).rejects.toBeDefined()
  })
})

describe('a locked file', () => {
  it('opens with its phrase alone, and an open one needs none', async () => {
    const text = '{"format":"renatus-room","hello":"Brühe"}'
    const sealed = await seal(text, 'cold rotifers')
    expect(sealed).not.toContain('hello')
    expect(await unseal(sealed, 'cold rotifers')).toEqual({ ok: true, text })
    expect(await unseal(sealed, null)).toEqual({ ok: false, code: 'sealed' })
    expect(await unseal(sealed, 'Cold rotifers')).toEqual({ ok: false, code: 'wrong-phrase' })
    const changed = sealed.replace(
      /"data":"(.)/,
      (_, c: string) => `"data":"${c === 'A' ? 'B' : 'A'}`,
    )
    expect(await unseal(changed, 'cold rotifers')).toEqual({ ok: false, code: 'wrong-phrase' })
    expect(await unseal(text, null)).toEqual({ ok: true, text })
  })
  it('brings a room as an open file does', async () => {
    const [a, b] = [fresh(), fresh()]
    await a.records.bulkPut(records())
    const sealed = new Blob([await seal(await roomText(a, NOW, 'a'), 'cold rotifers')])
    const how = { mode: 'merge', now: NOW } as const
    expect(await takeFile(b, sealed, { ...how, phrase: null })).toMatchObject({ ok: false })
    expect(await b.records.count()).toBe(0)
    const took = await takeFile(b, sealed, { ...how, phrase: 'cold rotifers' })
    expect(took).toMatchObject({ ok: true, took: { name: 'Test', aside: [] } })
    expect(await b.records.count()).toBe(records().length)
  })
})
