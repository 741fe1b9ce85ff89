import { nowInstant } from '~/composables/clock'
import { mergeRooms, type MergeResult } from '@renatus/core/formats/mergeRooms'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import type { RenatusDatabase } from './database'
import { everything } from './exportRoom'
import { GENERATION_KEY } from './generation'
import { newId, rememberId } from './newId'

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
    const merged = mergeRooms(mine, file, nowInstant())
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
    const now = nowInstant()
    const current = await db.records.get(kept.record.id)
    if (current) await db.kept.add({ keptAt: now, reason: 'older', record: current })
    await db.records.put({ ...kept.record, updatedAt: now })
    await db.kept.delete(n)
  })
}
