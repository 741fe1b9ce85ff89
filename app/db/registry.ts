import { nowInstant } from '~/composables/clock'
import type { RecordDraft } from '@renatus/core/records/draft'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import type { RenatusDatabase } from './database'
import { newId } from './newId'

export type { RecordDraft }

/** A version is never older than the one it replaces, whatever the clocks of two devices say. */
const after = (now: string, old: AnyRecord | undefined): string =>
  old && old.updatedAt >= now ? new Date(Date.parse(old.updatedAt) + 1).toISOString() : now

/** The version that a form had before it, where it was made from a record. */
const baseOf = (draft: RecordDraft): string | null =>
  (draft as { updatedAt?: string }).updatedAt ?? null

/** Drafts as they will be stored, checked by their schema. */
const checkedRecords = (drafts: readonly RecordDraft[], updatedAt: string): AnyRecord[] =>
  drafts.map(d =>
    anyRecord.parse({
      ...(JSON.parse(JSON.stringify(d)) as object),
      id: d.id ?? newId(),
      updatedAt,
      removedAt: null,
    }),
  )

/**
 * Puts records within a transaction over records and kept. Where another tab or device has changed a record since the form
 * was opened, that version goes into the history, from which it can be brought back.
 * @returns the records as stored, and those that somebody else had changed
 */
export async function putRecords(
  db: RenatusDatabase,
  drafts: readonly RecordDraft[],
  now: string,
): Promise<{ records: AnyRecord[]; overtaken: AnyRecord[] }> {
  const checked = checkedRecords(drafts, now)
  const olds = await db.records.bulkGet(checked.map(r => r.id))
  const overtaken = olds.flatMap((old, i) => {
    const base = baseOf(drafts[i]!)
    return old && base !== null && old.updatedAt > base ? [old] : []
  })
  const records = checked.map((r, i) => ({ ...r, updatedAt: after(now, olds[i]) }))
  await db.records.bulkPut(records)
  await db.kept.bulkAdd(overtaken.map(record => ({ keptAt: now, reason: 'older', record })))
  return { records, overtaken }
}

/** Saves records that belong together, in one transaction, checked by their schema. */
export async function saveRecords(
  db: RenatusDatabase,
  drafts: readonly RecordDraft[],
): Promise<{ records: AnyRecord[]; overtaken: AnyRecord[] }> {
  const now = nowInstant()
  return db.transaction('rw', [db.records, db.kept], () => putRecords(db, drafts, now))
}

/** Takes a record out of sight. It stays stored, so that the log still reads and a merge cannot bring it back by accident. */
export async function removeRecord(db: RenatusDatabase, id: string, removed = true): Promise<void> {
  const now = nowInstant()
  await db.transaction('rw', db.records, async () => {
    const old = await db.records.get(id)
    if (!old) return
    const updatedAt = after(now, old)
    await db.records.put({ ...old, removedAt: removed ? now : null, updatedAt })
  })
}
