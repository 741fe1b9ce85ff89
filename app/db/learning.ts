import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import type { RenatusDatabase } from './database'
import { LEARNED_KEY, LEARNED_VERSION, storedLearning, type StoredLearning } from './learned'

/** Works through the log and keeps what it teaches. Vessels of which nothing new was written take no time. Runs in a worker. */
export async function learnInto(db: RenatusDatabase): Promise<void> {
  const [records, entries, before] = await Promise.all([
    db.records.toArray(),
    db.entries.toArray(),
    storedLearning(db),
  ])
  const result = learnRoom(records, entries, before?.cache)!
  const value = { version: LEARNED_VERSION, ...result } satisfies StoredLearning
  // What is the same is not written: to whoever watches it a write is a change.
  if (JSON.stringify(before) === JSON.stringify(value)) return
  await db.meta.put({ key: LEARNED_KEY, value })
}
