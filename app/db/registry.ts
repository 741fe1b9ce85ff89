import { nowInstant } from '~/composables/clock'
import { nextVersion } from '@renatus/core/formats/versions'
import type { RecordDraft } from '@renatus/core/records/draft'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import type { RenatusDatabase } from './database'
import { newId } from './newId'
import { markRecords } from './recordsMark'

export type { RecordDraft }

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

/** Of each id what stands and what stood before. */
async function versionsIn(db: RenatusDatabase, ids: string[]): Promise<Map<string, AnyRecord[]>> {
  const versions = new Map<string, AnyRecord[]>(ids.map(id => [id, []]))
  for (const record of await db.records.bulkGet(ids)) {
    if (record) versions.get(record.id)!.push(record)
  }
  for (const { record } of await db.kept.where('record.id').anyOf(ids).toArray())
    versions.get(record.id)!.push(record)
  return versions
}

/** Tables that a transaction which changes records is over. */
export const recordTables = (db: RenatusDatabase) => [db.records, db.kept, db.meta]

/** Puts versions in the place of those that stand; these go into the history. Within a transaction over `recordTables`. */
async function putVersions(
  db: RenatusDatabase,
  next: readonly AnyRecord[],
  now: string,
): Promise<{ records: AnyRecord[]; olds: (AnyRecord | undefined)[] }> {
  const ids = next.map(r => r.id)
  const olds = await db.records.bulkGet(ids)
  const versions = await versionsIn(db, ids)
  const records = next.map(r => nextVersion(r, versions.get(r.id)!, now))
  await db.records.bulkPut(records)
  await markRecords(db)
  await db.kept.bulkAdd(
    olds.flatMap(old => (old ? [{ keptAt: now, reason: 'older' as const, record: old }] : [])),
  )
  return { records, olds }
}

/**
 * Puts records within a transaction over `recordTables`. What stood before goes into the history, from which it can be
 * brought back.
 * @returns the records as stored, and those that another tab or device had changed since the form was opened
 */
export async function putRecords(
  db: RenatusDatabase,
  drafts: readonly RecordDraft[],
  now: string,
): Promise<{ records: AnyRecord[]; overtaken: AnyRecord[] }> {
  const { records, olds } = await putVersions(db, checkedRecords(drafts, now), now)
  const overtaken = olds.flatMap((old, i) => {
    const base = baseOf(drafts[i]!)
    return old && base !== null && old.updatedAt > base ? [old] : []
  })
  return { records, overtaken }
}

/** Saves records that belong together, in one transaction, checked by their schema. */
export async function saveRecords(
  db: RenatusDatabase,
  drafts: readonly RecordDraft[],
): Promise<{ records: AnyRecord[]; overtaken: AnyRecord[] }> {
  const now = nowInstant()
  return db.transaction('rw', recordTables(db), () => putRecords(db, drafts, now))
}

/** Takes a record out of sight. It stays stored, so that the log still reads and a merge cannot bring it back by accident. */
export async function removeRecord(db: RenatusDatabase, id: string, removed = true): Promise<void> {
  const now = nowInstant()
  await db.transaction('rw', recordTables(db), async () => {
    const old = await db.records.get(id)
    if (old) await putVersions(db, [{ ...old, removedAt: removed ? now : null }], now)
  })
}

/** Brings an older version of a record back as the newest; the one it replaces is kept, as is everything before. */
export async function restoreKept(db: RenatusDatabase, n: number): Promise<void> {
  await db.transaction('rw', recordTables(db), async () => {
    const kept = await db.kept.get(n)
    if (kept) await putVersions(db, [kept.record], nowInstant())
  })
}
