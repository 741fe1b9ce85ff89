import { beforeAll, describe, expect, it } from 'vitest'
import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { makeId } from '@renatus/core/records/id'
import { salvage } from '@renatus/core/formats/salvage'
import { RenatusDatabase } from '~/db/database'
import { exportRoom } from '~/db/exportRoom'
import { undoAct } from '~/db/logbook'
import { logPage } from '~/db/logPages'
import { putAside, rawRoom } from '~/db/rawRoom'
import { wholeLog, wholeLogByLots } from '~/db/storedLog'
import { importRoom } from '~/db/transfer'
import { WorkingRoom } from '~/db/workingRoom'
import { demoAt } from '../../../tools/rooms/demoAt'
import { yearsOf } from '../../../tools/rooms/yearsOf'

const NOW = '2026-03-24T05:34:00.000Z'
const demo = demoAt(NOW, 'Europe/Berlin')
const years = yearsOf(demo, 5100)
const file: RoomFile = { ...demo, ...years }
const past = years.entries.filter(e => e.kind === 'tank.fed').slice(0, 40)
const ids = (entries: readonly Entry[]) => entries.map(e => e.id)

/** The same room twice: its past in chapters, and every entry a row. */
const inChapters = new RenatusDatabase('log in chapters')
const inRows = new RenatusDatabase('log in rows')

async function pages(db: RenatusDatabase, kind: EntryKind | null, count: number) {
  const lines = []
  const finds = kind === null ? (e: Entry) => !e.id.endsWith('0') : null
  for (let n = 0; n < count; n++) {
    const after = lines.at(-1)?.entry ?? null
    const page = await logPage(db, { kind, but: [], finds }, after, 150)
    lines.push(...page.lines)
    if (!page.more) break
  }
  return lines.map(l => [l.entry.id, l.stands])
}
const alike = async (read: (db: RenatusDatabase) => Promise<unknown>) =>
  expect(await read(inChapters)).toEqual(await read(inRows))

describe('a log whose past is stored by chapters', () => {
  beforeAll(async () => {
    await importRoom(inChapters, file, 'merge')
    await inRows.records.bulkPut(years.records)
    await inRows.entries.bulkPut(years.entries)
    expect(await inChapters.chapters.count()).toBeGreaterThan(4)
    expect(await inRows.chapters.count()).toBe(0)
  })

  it('reads as the same log: whole, by lots, by pages of all kinds and of one', async () => {
    expect(ids(await wholeLog(inChapters))).toEqual(ids(years.entries))
    await alike(wholeLog)
    await alike(wholeLogByLots)
    await alike(async db => (await new WorkingRoom(db).read()).entries)
    await alike(db => pages(db, null, 4))
    for (const kind of ['tank.fed', 'store.counted', 'brood.counted'] as const)
      await alike(db => pages(db, kind, 4))
  })

  it('an undo of something years ago stands beside it', async () => {
    for (const db of [inChapters, inRows]) await undoAct(db, past[3]!.act)
    const lines = await pages(inChapters, 'tank.fed', 60)
    expect(lines.find(([id]) => id === past[3]!.id)).toEqual([past[3]!.id, false])
    expect(lines.find(([id]) => id === past[4]!.id)).toEqual([past[4]!.id, true])
  })

  it('takes in what another device wrote late, and what says something else under one id', async () => {
    const room = new WorkingRoom(inChapters)
    await room.read()
    const late = { ...past[0]!, id: makeId(Date.parse(past[0]!.at) + 7, new Uint8Array(10)) }
    const mine = await wholeLog(inChapters)
    await importRoom(inChapters, { ...file, entries: [late] }, 'merge')
    expect(await inChapters.chapters.count()).toBeGreaterThan(4)
    expect((await wholeLog(inChapters)).length).toBe(mine.length + 1)
    expect(ids((await room.read()).entries)).toContain(late.id)
    const told = { ...past[1]!, by: 'zz another' }
    await importRoom(inChapters, { ...file, entries: [told] }, 'merge')
    const after = await wholeLog(inChapters)
    expect(after.length).toBe(mine.length + 1)
    expect(after.find(e => e.id === told.id)!.by).toBe('zz another')
    expect((await inChapters.keptEntries.toArray()).map(e => e.by)).toEqual([past[1]!.by])
    expect((await room.read()).entries.find(e => e.id === told.id)!.by).toBe('zz another')
    const again = new RenatusDatabase('log again')
    const read = JSON.parse(await exportRoom(inChapters)) as RoomFile
    await importRoom(again, read, 'replace')
    expect(ids(await wholeLog(again))).toEqual(ids(after))
  })

  it('a row in a chapter that cannot be read is put aside, and no other goes with it', async () => {
    const [chapter, other] = await inChapters.chapters.toArray()
    const broken = chapter!.entries.map((e, i) => (i === 5 ? { ...e, kind: 'nothing' } : e))
    await inChapters.chapters.put({ ...chapter!, entries: broken as Entry[] })
    await inChapters.chapters.put({ ...other!, entries: null as never })
    const count = (await rawRoom(inChapters.name)).entries.length
    inChapters.close()
    const raw = await rawRoom(inChapters.name)
    const { unreadable } = salvage(raw)
    expect(unreadable.map(u => u.table)).toEqual(['entries', 'entries'])
    await putAside(inChapters.name, raw, unreadable)
    const after = await rawRoom(inChapters.name)
    expect(after.entries).toHaveLength(count - 2)
    expect(salvage(after).unreadable).toEqual([])
    await inChapters.open()
    expect((await wholeLog(inChapters)).length).toBe(count - 2)
  })
})
