import { nowInstant } from '~/composables/clock'
import { toRaw } from 'vue'
import type { Draft } from '@renatus/core/records/draft'
import { entry as entrySchema, type Entry } from '@renatus/core/records/entries'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { RenatusDatabase } from './database'
import { putRecords, recordTables, type RecordDraft } from './registry'
import { deviceName } from './device'
import { GENERATION_KEY } from './generation'
import { newId, rememberId } from './newId'
import { lastId } from './storedLog'

export type { Draft }

export type WriteResult =
  | { ok: true; act: string; entries: Entry[] }
  | { ok: false; code: 'answered-elsewhere'; by: string; at: string }
  | { ok: false; code: 'nothing-to-undo' }
  /** It could not be written; the notices say why. */
  | { ok: false; code: 'failed'; message: string }

/**
 * Writes entries that belong together: all or none, under one act.
 * @param answers the proposal they answer; if it has been answered already (another tab, a double tap) nothing is written
 * @param records records that come with them, in the same transaction
 */
export async function writeAct(
  db: RenatusDatabase,
  drafts: readonly Draft[],
  answers: string | null = null,
  records: readonly RecordDraft[] = [],
): Promise<WriteResult> {
  const now = nowInstant()
  const by = deviceName()
  const anyId = newId()
  const checked = drafts.map(d =>
    entrySchema.parse({
      id: anyId,
      act: anyId,
      by,
      answers,
      at: d.at ?? now,
      subject: toRaw(d.subject),
      supersedes: d.supersedes ?? null,
      kind: d.kind,
      data: JSON.parse(JSON.stringify(d.data)) as unknown,
    }),
  )
  const tables = [db.entries, ...recordTables(db)]
  return db.transaction('rw', tables, async (): Promise<WriteResult> => {
    const before = answers === null ? null : await answeredBy(db, answers)
    if (before) return { ok: false, code: 'answered-elsewhere', by: before.by, at: before.at }
    // To put none is a write as well: whoever follows the records would read them all.
    if (records.length > 0) await putRecords(db, records, now)
    // Nothing is older than what is known when it is written, whatever the clocks of tabs and devices say.
    const last = await lastId(db)
    if (last !== '') rememberId(last)
    const act = newId()
    const entries = checked.map(e => ({ ...e, id: newId(), act }))
    // Behind an id that no clock made: who goes on from what was read last would miss what comes before it.
    if (entries.some(e => e.id < last)) await db.meta.put({ key: GENERATION_KEY, value: newId() })
    await db.entries.bulkAdd(entries)
    return { ok: true, act, entries }
  })
}

/** The entry that answered a proposal before, if it still stands. */
async function answeredBy(db: RenatusDatabase, answers: string): Promise<Entry | null> {
  const candidates = await db.entries.where('answers').equals(answers).toArray()
  if (candidates.length === 0) return null
  const undos = await db.entries.where('kind').equals('undone').toArray()
  return effectiveEntries([...candidates, ...undos])[0] ?? null
}

/** Strikes out an act. The act stays in the log, and so does the undo. */
export function undoAct(db: RenatusDatabase, act: string): Promise<WriteResult> {
  return writeAct(db, [{ kind: 'undone', subject: { type: 'act', id: act }, data: { act } }])
}
