import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { addHours } from '@renatus/core/time/localDate'
import { RenatusDatabase } from '~/db/database'
import { everything } from '~/db/exportRoom'
import { writeAct } from '~/db/logbook'
import { saveRecords } from '~/db/registry'
import { keepSnapshot, listSnapshots, snapshotText } from '~/db/snapshots'
import { takeFile } from '~/db/takeFile'
import { records } from '../../core/room'

/** A file system in memory, as far as it is used here. */
class Folder {
  readonly kind = 'directory'
  readonly files = new Map<string, Blob>()
  readonly folders = new Map<string, Folder>()
  full = false
  getDirectoryHandle(name: string) {
    const known = this.folders.get(name) ?? new Folder()
    this.folders.set(name, known)
    return Promise.resolve(known)
  }
  getFileHandle(name: string) {
    if (!this.files.has(name)) this.files.set(name, new Blob([]))
    const close = () => Promise.resolve()
    return Promise.resolve({
      kind: 'file',
      getFile: () => Promise.resolve(this.files.get(name)!),
      createWritable: () =>
        Promise.resolve({
          write: (blob: Blob) => {
            if (this.full) return Promise.reject(new DOMException('full', 'QuotaExceededError'))
            this.files.set(name, blob)
            return Promise.resolve()
          },
          close,
        }),
    })
  }
  removeEntry(name: string) {
    this.files.delete(name)
    return Promise.resolve()
  }
  async *entries() {
    for (const name of [...this.files.keys()]) yield [name, await this.getFileHandle(name)]
  }
}

const NOW = '2026-03-20T10:00:00.000Z'
let serial = 0
let root: Folder
let db: RenatusDatabase
const before = Object.getOwnPropertyDescriptor(navigator, 'storage')
const note = (text: string) =>
  writeAct(db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text } }])

beforeEach(async () => {
  root = new Folder()
  const storage = { getDirectory: () => Promise.resolve(root) }
  Object.defineProperty(navigator, 'storage', { value: storage, configurable: true })
  db = new RenatusDatabase(`snap ${serial++}`)
  await db.records.bulkPut(records())
})
afterEach(() => {
  db.close()
  if (before) Object.defineProperty(navigator, 'storage', before)
})

describe('snapshots of a room', () => {
  it('one an hour, and none while nothing changed; an empty room has none', async () => {
    expect(await keepSnapshot(db, NOW, 'a')).toMatchObject({ at: NOW })
    expect(await keepSnapshot(db, addHours(NOW, 5), 'a')).toBeNull()
    await note('one')
    expect(await keepSnapshot(db, addHours(NOW, 0.5), 'a')).toBeNull()
    expect(await keepSnapshot(db, addHours(NOW, 1), 'a')).not.toBeNull()
    expect((await listSnapshots(db.name)).map(s => s.at)).toEqual([addHours(NOW, 1), NOW])
    const empty = new RenatusDatabase(`snap ${serial++}`)
    expect(await keepSnapshot(empty, NOW, 'a')).toBeNull()
    empty.close()
  })
  it('any of them brings the room back exactly', async () => {
    const stood: { file: string; was: unknown }[] = []
    for (let h = 0; h < 4; h++) {
      const { file } = (await keepSnapshot(db, addHours(NOW, h), 'a'))!
      stood.push({ file, was: await everything(db) })
      await note(`hour ${h}`)
      const tank = records().find(r => r.type === 'tank')!
      await saveRecords(db, [{ ...tank, name: `Tank of ${h}` } as never])
    }
    for (const { file, was } of stood.reverse()) {
      const blob = new Blob([await snapshotText(db.name, file)])
      const how = { mode: 'replace', now: addHours(NOW, 9), phrase: null } as const
      expect(await takeFile(db, blob, how)).toMatchObject({ ok: true })
      const is = await everything(db)
      const parts = ({ records: r, entries: e, kept: k }: typeof is) =>
        JSON.parse(
          JSON.stringify([r.map(x => [x.id, x.name, x.updatedAt]), e, k.length]),
        ) as unknown
      expect(parts(is)).toEqual(parts(was as typeof is))
    }
  })
  it('a disk that is full leaves those before and no half file', async () => {
    await keepSnapshot(db, NOW, 'a')
    const folder = await (
      await root.getDirectoryHandle('renatus-snapshots')
    ).getDirectoryHandle(db.name)
    folder.full = true
    await note('more')
    await expect(keepSnapshot(db, addHours(NOW, 2), 'a')).rejects.toThrow('full')
    expect((await listSnapshots(db.name)).map(s => s.at)).toEqual([NOW])
  })
})
