import type { WorkingLog } from '@renatus/core/stock/working/workingLog'
import type { Entry } from '@renatus/core/records/entries'
import type { RenatusDatabase } from './database'

/** The working log of a room, and of which log it was made. Derived: it may be thrown away at any time. */
export interface Checkpoint extends WorkingLog {
  /** Of the log that it was made of (GENERATION_KEY). */
  generation: unknown
  /** Of the records that it was made of (recordsMark). */
  mark: unknown
  /** Entries of that log, and the last of them. */
  count: number
  last: string
}

const KEY = 'working log'
/** Another build settles otherwise: what an older one made is not believed. */
const BUILD = __RENATUS_BUILD__

/** The checkpoint of this build, as it is stored; null where there is none. */
export async function storedCheckpoint(db: RenatusDatabase): Promise<unknown> {
  const row = await db.derived.get(KEY)
  return row?.build === BUILD ? row.value : null
}

/** Keeps a working log; that there is no room for it is no failure: the whole log is read then. */
export async function keepCheckpoint(db: RenatusDatabase, value: Checkpoint): Promise<void> {
  try {
    await db.derived.put({ key: KEY, build: BUILD, value })
  } catch {
    // It is made again at the next visit.
  }
}

const isEntry = (e: unknown): e is Entry =>
  typeof e === 'object' && e !== null && 'kind' in e && 'at' in e && 'data' in e

/** A checkpoint that was written to its end and fits itself. Entries were checked when they were written. */
export function soundCheckpoint(value: unknown): Checkpoint | null {
  if (typeof value !== 'object' || value === null) return null
  const { records, entries, settled, count, last, over, quiet } = value as Partial<Checkpoint>
  if (![records, entries, over, quiet].every(Array.isArray)) return null
  if (typeof last !== 'string' || typeof settled?.before !== 'string') return null
  const fits = entries!.length + settled.entries === count && entries!.every(isEntry)
  return fits ? (value as Checkpoint) : null
}
