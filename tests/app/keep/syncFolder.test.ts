import { describe, expect, it } from 'vitest'
import { mergeRooms } from '@renatus/core/formats/mergeRooms'
import { RenatusDatabase } from '~/db/database'
import { everything, roomText } from '~/db/exportRoom'
import { writeAct } from '~/db/logbook'
import { saveRecords } from '~/db/registry'
import { markOf } from '~/db/snapshots'
import { takeFile } from '~/db/takeFile'
import type { Folder } from '~/keep/folder'
import { fileOfDevice, NOT_MET, syncFolder, type Met, type Side } from '~/keep/syncFolder'
import { records } from '../../core/room'

const NOW = '2026-03-20T10:00:00.000Z'

/** A folder in memory; every write is another time. */
class MemoryFolder implements Folder {
  readonly files = new Map<string, { text: string; stamp: string }>()
  private n = 0
  put(name: string, text: string) {
    this.files.set(name, { text, stamp: `${this.n++}` })
  }
  list = () => Promise.resolve([...this.files].map(([name, f]) => ({ name, stamp: f.stamp })))
  read = (name: string) => Promise.resolve(new Blob([this.files.get(name)!.text]))
  async write(name: string, blob: Blob) {
    this.put(name, await blob.text())
    return this.files.get(name)!.stamp
  }
}

let serial = 0
/** A device with a database of its own. */
class Device {
  readonly db = new RenatusDatabase(`sync ${serial++}`)
  readonly id = `device${serial}`
  met: Met = NOT_MET
  private readonly side: Side = {
    device: this.id,
    mark: () => markOf(this.db),
    file: async () => new Blob([await roomText(this.db, NOW, this.id)]),
    take: blob => takeFile(this.db, blob, { mode: 'merge', now: NOW, phrase: null }),
  }
  async meet(folder: Folder) {
    const meeting = await syncFolder(folder, this.side, this.met)
    this.met = meeting.met
    return meeting
  }
  note = (text: string) =>
    writeAct(this.db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text } }])
  told = async () => {
    const { records, entries, kept } = mergeRooms(await everything(this.db), {
      records: [],
      entries: [],
      kept: [],
    })
    return JSON.stringify([records, entries, kept])
  }
}

async function two() {
  const folder = new MemoryFolder()
  const [a, b] = [new Device(), new Device()]
  await a.db.records.bulkPut(records())
  await a.meet(folder)
  await b.meet(folder)
  return { folder, a, b }
}

describe('a folder that two devices see', () => {
  it('a device without a room takes it from there and writes nothing of its own before', async () => {
    const { a, b } = await two()
    expect(await b.told()).toBe(await a.told())
    const empty = new MemoryFolder()
    expect((await new Device().meet(empty)).wrote).toBe(false)
    expect(empty.files.size).toBe(0)
  })
  it('500 entries of both, written between each other, are the same on both after the last meeting; then it is quiet', async () => {
    const { folder, a, b } = await two()
    for (let n = 0; n < 250; n++) {
      await a.note(`a${n}`)
      await b.note(`b${n}`)
      if (n % 25 === 0) await a.meet(folder)
      if (n % 40 === 0) await b.meet(folder)
    }
    for (const d of [a, b, a, b]) await d.meet(folder)
    expect(await a.db.entries.count()).toBe(500)
    expect(await b.told()).toBe(await a.told())
    for (const d of [a, b]) expect(await d.meet(folder)).toMatchObject({ took: [], wrote: false })
  })
  it('both change a tank: the later stands on both, it is named once, and saving again settles it', async () => {
    const { folder, a, b } = await two()
    const tank = records().find(r => r.type === 'tank')!
    await saveRecords(a.db, [{ ...tank, name: 'Left' } as never])
    await new Promise(r => setTimeout(r, 3))
    await saveRecords(b.db, [{ ...tank, name: 'Right' } as never])
    await a.meet(folder)
    const meeting = await b.meet(folder)
    expect(meeting.took[0]!.took.conflicts).toMatchObject([{ type: 'tank', versions: 2 }])
    await a.meet(folder)
    expect((await a.db.records.get(tank.id))!.name).toBe('Right')
    await saveRecords(a.db, [{ ...tank, name: 'Settled' } as never])
    await a.meet(folder)
    await b.meet(folder)
    expect((await b.db.records.get(tank.id))!.name).toBe('Settled')
    expect(mergeRooms(await everything(b.db), await everything(a.db)).conflicts).toEqual([])
  })
  it('files of another room, half written, foreign or locked are named and left alone, and tried again when they change', async () => {
    const { folder, a, b } = await two()
    const mine = folder.files.get(fileOfDevice(a.id))!.text
    const room = records().find(r => r.type === 'room')!.id
    folder.put('renatus-room-elsewhere.json', mine.replaceAll(room, 'Z'.repeat(26)))
    folder.put('renatus-room-half.json', mine.slice(0, 400))
    folder.put('renatus-room-foreign.json', '{"hello":1}')
    folder.put('shopping.json', '[]')
    const before = await b.told()
    const codes = async () =>
      Object.values((await b.meet(folder)).met.left)
        .map(p => p.code)
        .sort()
    // Told for as long as they stand so.
    for (let n = 0; n < 2; n++) expect(await codes()).toEqual(['foreign', 'not-json', 'other-room'])
    expect(await b.told()).toBe(before)
    folder.put('renatus-room-half.json', mine)
    expect((await b.meet(folder)).took).toHaveLength(1)
    folder.files.delete('renatus-room-foreign.json')
    expect(await codes()).toEqual(['other-room'])
  })
  it('a copy of this browser under the same name is noticed, taken in and not written over', async () => {
    const { folder, a } = await two()
    await a.note('mine')
    await a.meet(folder)
    const own = fileOfDevice(a.id)
    folder.put(own, folder.files.get(own)!.text.replace('"mine"', '"other"'))
    const stood = folder.files.get(own)!.text
    const meeting = await a.meet(folder)
    expect([meeting.twin, meeting.wrote, folder.files.get(own)!.text]).toEqual([true, false, stood])
    expect(await a.db.keptEntries.count()).toBe(1)
  })
})
