import { beforeAll, describe, expect, it } from 'vitest'
import { byTime, effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Draft } from '@renatus/core/records/draft'
import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { RenatusDatabase } from '~/db/database'
import { undoAct, writeAct } from '~/db/logbook'
import { logPage, type LogLine, type LogQuestion } from '~/db/logPages'
import { entrySentence } from '~/words/log'
import { demoAt } from '../../../tools/rooms/demoAt'

const { records, entries } = demoAt('2026-03-24T05:34:00.000Z', 'Europe/Berlin')
const db = new RenatusDatabase('log pages')
let log: Entry[] = []

/** All pages, one after the other. */
async function turned(question: LogQuestion, size: number): Promise<LogLine[]> {
  const all: LogLine[] = []
  for (;;) {
    const page = await logPage(db, question, all.at(-1)?.entry ?? null, size)
    expect(page.lines.length).toBeLessThanOrEqual(size)
    all.push(...page.lines)
    if (!page.more) return all
    expect(page.lines).toHaveLength(size)
  }
}
const newestFirst = (wanted: (e: Entry) => boolean) =>
  log
    .filter(wanted)
    .sort((a, b) => byTime(b, a))
    .map(e => e.id)

describe('pages of the log', () => {
  beforeAll(async () => {
    await db.entries.bulkPut(entries)
    const counted = entries.find(e => e.kind === 'store.counted')!
    const correction = { ...counted, supersedes: counted.id, data: { ...counted.data, amount: 3 } }
    await writeAct(db, [correction as Draft])
    const undone = await undoAct(db, entries.find(e => e.kind === 'culture.looked')!.act)
    if (undone.ok) await undoAct(db, undone.act)
    await undoAct(db, entries.find(e => e.kind === 'tank.fed')!.act)
    log = await db.entries.toArray()
  })
  it('hold every entry once, the newest first, of all kinds, of one and of all but some', async () => {
    const but: EntryKind[] = ['clock.started', 'clock.seen', 'stop.answered']
    const all = await turned({ kind: null, but: [], finds: null }, 300)
    expect(all.map(l => l.entry.id)).toEqual(newestFirst(() => true))
    const work = await turned({ kind: null, but, finds: null }, 300)
    expect(work.map(l => l.entry.id)).toEqual(newestFirst(e => !but.includes(e.kind)))
    const fed = await turned({ kind: 'tank.fed', but: [], finds: null }, 40)
    expect(fed.map(l => l.entry.id)).toEqual(newestFirst(e => e.kind === 'tank.fed'))
  })
  it('say of each whether it stands, as the log does', async () => {
    const stands = new Set(effectiveEntries(log).map(e => e.id))
    const all = await turned({ kind: null, but: [], finds: null }, 170)
    for (const { entry, stands: is } of all)
      expect(is, entry.id).toBe(entry.kind === 'undone' || stands.has(entry.id))
    expect(all.filter(l => !l.stands).length).toBeGreaterThan(1)
  })
  it('come with the records that their lines speak of, and say what all records would', async () => {
    await db.records.bulkPut(records)
    const page = await logPage(db, { kind: null, but: [], finds: null }, null, 40)
    const cultures = (of: readonly AnyRecord[]) => of.filter(r => r.type === 'culture')
    expect(cultures(page.records).length).toBeLessThan(cultures(records).length)
    for (const { entry } of page.lines)
      expect(entrySentence(entry, page.records, 'metric')).toBe(
        entrySentence(entry, records, 'metric'),
      )
  })
  it('find what is looked for, however far back, and nothing where there is nothing', async () => {
    const first = newestFirst(() => true).at(-1)!
    const finds = (e: Entry) => e.id === first
    const found = await logPage(db, { kind: null, but: [], finds }, null, 40)
    expect(found.lines.map(l => l.entry.id)).toEqual([first])
    expect(found.more).toBe(false)
    const none = await logPage(db, { kind: 'note', but: [], finds: () => false }, null, 40)
    expect(none).toMatchObject({ lines: [], more: false })
  })
})
