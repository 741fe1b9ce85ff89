import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import type { RenatusDatabase } from './database'
import { keepLearning, storedLearning, type StoredLearning } from './learned'

const plain = ({ version: _version, ...learning }: StoredLearning) => learning

/** Works through the log and keeps what it teaches. Vessels of which nothing new was written take no time. Runs in a worker. */
export async function learnInto(db: RenatusDatabase): Promise<void> {
  const [records, entries, before] = await Promise.all([
    db.records.toArray(),
    db.entries.toArray(),
    storedLearning(db),
  ])
  const result = learnRoom(records, entries, before?.cache)!
  // What is the same is not written: to whoever watches it a write is a change.
  if (before && JSON.stringify(result) === JSON.stringify(plain(before))) return
  await keepLearning(db, result)
}
