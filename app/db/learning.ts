import { learnRoom, type LearningCache } from '@renatus/core/estimation/learning/learnRoom'
import type { Learned } from '@renatus/core/stock/learned'
import type { RenatusDatabase } from './database'

const KEY = 'learned'
/** Raised when the way of learning changes: what an older version worked out is then not believed. */
const VERSION = 1

/** What this device has worked out from the log; the log itself is the truth, so it may be thrown away. */
interface StoredLearning { version: number, learned: Learned, cache: LearningCache }

async function stored(db: RenatusDatabase): Promise<StoredLearning | null> {
  const value = (await db.meta.get(KEY))?.value as StoredLearning | undefined
  return value?.version === VERSION ? value : null
}

/** What was learned when the log was last worked through; null before the first time. */
export const lastLearned = async (db: RenatusDatabase): Promise<Learned | null> => (await stored(db))?.learned ?? null

/** Works through the log and keeps what it teaches. Vessels of which nothing new was written take no time. */
export async function learnInto(db: RenatusDatabase): Promise<void> {
  const [records, entries, before] = await Promise.all([db.records.toArray(), db.entries.toArray(), stored(db)])
  const result = learnRoom(records, entries, before?.cache)!
  await db.meta.put({ key: KEY, value: { version: VERSION, ...result } satisfies StoredLearning })
}
