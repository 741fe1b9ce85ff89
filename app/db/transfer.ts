import { canonical, sameText } from '@renatus/core/formats/canonical'
import { mergeRooms, type Conflict, type MergeResult } from '@renatus/core/formats/mergeRooms'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import type { RenatusDatabase } from './database'
import { everything } from './exportRoom'
import { GENERATION_KEY } from './generation'
import { newId, rememberId } from './newId'
import { WORTH_CHAPTERS } from './chapters'
import { markRecords } from './recordsMark'
import { clearRoom, roomTables } from './putRoom'
import { putWholeLog } from './storedLog'
import type { Entry } from '@renatus/core/records/entries'

/** What a file brought. */
export interface Taken {
  added: MergeResult['added']
  changed: number
  /** What this merge found to have been changed on both sides. */
  conflicts: Conflict[]
  /** Acts that turned out to be the same tap twice. */
  twice: number
}

/** The room in the file is another one than the room here: mixing the two is never right. */
export async function isOtherRoom(db: RenatusDatabase, file: RoomFile): Promise<boolean> {
  const mine = await db.records.where('type').equals('room').first()
  return mine !== undefined && !file.records.some(r => r.type === 'room' && r.id === mine.id)
}

type Known = Awaited<ReturnType<typeof everything>>
const NOTHING: Known = { records: [], entries: [], kept: [], keptEntries: [] }

/** What was not in a list before, or otherwise, by id. */
function differing<T extends { id: string }>(before: readonly T[], after: readonly T[]): T[] {
  const known = new Map(before.map(x => [x.id, x]))
  return after.filter(x => !sameText(known.get(x.id), x))
}
const sameSet = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && sameText(a.map(canonical).sort(), b.map(canonical).sort())

/** Puts in what came; a whole log anew where that is quicker, or where a stored chapter would have to change. */
async function writeEntries(
  db: RenatusDatabase,
  mine: Known,
  all: readonly Entry[],
  came: readonly Entry[],
): Promise<void> {
  const last = mine.entries.at(-1)?.id ?? ''
  const known = new Set(mine.entries.map(e => e.id))
  const changes = came.some(e => known.has(e.id)) && (await db.chapters.count()) > 0
  const anew = changes || came.length >= WORTH_CHAPTERS
  if (anew || came.some(e => e.id <= last))
    await db.meta.put({ key: GENERATION_KEY, value: newId() })
  if (anew) return putWholeLog(db, all)
  await db.entries.bulkPut(came)
}

/** Writes what the merge changed and nothing else, so that who looks on has little to read anew. */
async function writeMerged(db: RenatusDatabase, mine: Known, merged: MergeResult): Promise<void> {
  const entries = differing(mine.entries, merged.entries)
  await writeEntries(db, mine, merged.entries, entries)
  for (const e of entries) rememberId(e.id)
  const records = differing(mine.records, merged.records)
  if (records.length > 0) await markRecords(db)
  await db.records.bulkPut(records)
  if (!sameSet(mine.kept, merged.kept)) {
    await db.kept.clear()
    await db.kept.bulkAdd(merged.kept)
  }
  if (!sameSet(mine.keptEntries, merged.keptEntries)) {
    await db.keptEntries.clear()
    await db.keptEntries.bulkAdd(merged.keptEntries)
  }
}

/** Merges a file into the database, or puts it in its place, in one transaction. */
export async function importRoom(
  db: RenatusDatabase,
  file: RoomFile,
  mode: 'merge' | 'replace',
): Promise<Taken> {
  return db.transaction('rw', roomTables(db), async () => {
    if (mode === 'replace') await clearRoom(db)
    const mine = mode === 'merge' ? await everything(db) : NOTHING
    const before = mergeRooms(mine, NOTHING)
    const merged = mergeRooms(mine, file)
    await writeMerged(db, mine, merged)
    const known = new Map(before.conflicts.map(c => [c.id, c.versions]))
    return {
      added: merged.added,
      changed: merged.changed,
      conflicts: merged.conflicts.filter(c => c.versions > (known.get(c.id) ?? 1)),
      twice: merged.twice.length - before.twice.length,
    }
  })
}
