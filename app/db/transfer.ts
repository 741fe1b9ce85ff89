import { mergeRooms, type MergeResult } from '@renatus/core/formats/mergeRooms'
import { writeRoomFile, type RoomFile } from '@renatus/core/formats/roomFile'
import type { RenatusDatabase } from './database'
import { deviceName } from './device'
import { GENERATION_KEY } from './logTail'
import { newId, rememberId } from './newId'

const EXPORTED = 'exportedAt'

/** All that a room file holds. */
export const everything = async (db: RenatusDatabase) => ({
  records: await db.records.toArray(),
  entries: await db.entries.toArray(),
  kept: (await db.kept.toArray()).map(({ n: _n, ...rest }) => rest),
})

/** The whole room as the text of one open file. */
export const roomText = async (db: RenatusDatabase, exportedAt: string): Promise<string> =>
  writeRoomFile({ exportedAt, by: deviceName(), ...(await everything(db)) })

/** The text of the room to be carried away; remembers when, unless nothing can be written any more. */
export async function exportRoom(db: RenatusDatabase): Promise<string> {
  const exportedAt = new Date().toISOString()
  const text = await roomText(db, exportedAt)
  try {
    await db.meta.put({ key: EXPORTED, value: exportedAt })
  } catch {
    // A full disk must not keep anybody from carrying the room away.
  }
  return text
}

/** When this device last exported, or null. */
export const lastExport = async (db: RenatusDatabase): Promise<string | null> =>
  ((await db.meta.get(EXPORTED))?.value as string | undefined) ?? null

/** The room in the file is another one than the room here: mixing the two is never right. */
export async function isOtherRoom(db: RenatusDatabase, file: RoomFile): Promise<boolean> {
  const mine = await db.records.where('type').equals('room').first()
  return mine !== undefined && !file.records.some(r => r.type === 'room' && r.id === mine.id)
}

/** Merges a file into the database in one transaction. */
export async function importRoom(
  db: RenatusDatabase,
  file: RoomFile,
  mode: 'merge' | 'replace',
): Promise<MergeResult> {
  return db.transaction('rw', [db.records, db.entries, db.kept, db.meta], async () => {
    await db.meta.put({ key: GENERATION_KEY, value: newId() })
    const mine = mode === 'merge' ? await everything(db) : { records: [], entries: [], kept: [] }
    const merged = mergeRooms(mine, file, new Date().toISOString())
    await Promise.all([db.records.clear(), db.entries.clear(), db.kept.clear()])
    await Promise.all([
      db.records.bulkAdd(merged.records),
      db.entries.bulkAdd(merged.entries),
      db.kept.bulkAdd(merged.kept),
    ])
    for (const e of merged.entries) rememberId(e.id)
    return merged
  })
}

/** Brings a kept record back as the newest version; the one it replaces is kept in its stead. */
export async function restoreKept(db: RenatusDatabase, n: number): Promise<void> {
  await db.transaction('rw', [db.records, db.kept], async () => {
    const kept = await db.kept.get(n)
    if (!kept) return
    const now = new Date().toISOString()
    const current = await db.records.get(kept.record.id)
    if (current) await db.kept.add({ keptAt: now, reason: 'older', record: current })
    await db.records.put({ ...kept.record, updatedAt: now })
    await db.kept.delete(n)
  })
}
