import type { RecordDraft } from '@renatus/core/records/draft'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import type { RenatusDatabase } from './database'
import { newId } from './newId'

export type { RecordDraft }

/** Drafts as they will be stored, checked by their schema. */
export const checkedRecords = (drafts: readonly RecordDraft[], updatedAt: string): AnyRecord[] =>
  drafts.map(d =>
    anyRecord.parse({
      ...(JSON.parse(JSON.stringify(d)) as object),
      id: d.id ?? newId(),
      updatedAt,
      removedAt: null,
    }),
  )

/** Saves records that belong together, in one transaction, checked by their schema. Returns them as stored. */
export async function saveRecords(
  db: RenatusDatabase,
  drafts: readonly RecordDraft[],
): Promise<AnyRecord[]> {
  const records = checkedRecords(drafts, new Date().toISOString())
  await db.transaction('rw', db.records, () => db.records.bulkPut(records))
  return records
}

/** Takes a record out of sight. It stays stored, so that the log still reads and a merge cannot bring it back by accident. */
export async function removeRecord(db: RenatusDatabase, id: string, removed = true): Promise<void> {
  const now = new Date().toISOString()
  await db.records.update(id, { removedAt: removed ? now : null, updatedAt: now })
}
