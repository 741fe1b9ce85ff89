import type { RoomFile } from '@renatus/core/formats/roomFile'
import type { RenatusDatabase } from './database'
import { GENERATION_KEY } from './generation'
import { newId } from './newId'
import { markRecords, recordsMark } from './recordsMark'
import { putWholeLog } from './storedLog'

/** Tables that a room stands in. */
export const roomTables = (db: RenatusDatabase) => [
  db.records,
  db.entries,
  db.chapters,
  db.kept,
  db.keptEntries,
  db.meta,
]

/** Takes a room out of its tables; what goes on from its log must not. */
export async function clearRoom(db: RenatusDatabase): Promise<void> {
  await db.meta.put({ key: GENERATION_KEY, value: newId() })
  await markRecords(db)
  await Promise.all([
    db.records.clear(),
    db.entries.clear(),
    db.chapters.clear(),
    db.kept.clear(),
    db.keptEntries.clear(),
  ])
}

/** So many of its newest entries are rows of their own: a week of them. */
const ROWS = 250

/** By what a room that was put is told from any other: see generation.ts of its log, recordsMark.ts. */
export interface Put {
  generation: unknown
  mark: unknown
}

/** Puts a room in the place of what is there, as it is: one that this build has made, in which nothing is twice. */
export async function putRoom(
  db: RenatusDatabase,
  { records, entries }: Pick<RoomFile, 'records' | 'entries'>,
): Promise<Put> {
  return db.transaction('rw', roomTables(db), async () => {
    await clearRoom(db)
    await putWholeLog(db, entries, ROWS)
    await db.records.bulkAdd([...records])
    const generation = (await db.meta.get(GENERATION_KEY))?.value ?? null
    return { generation, mark: await recordsMark(db) }
  })
}
