import type { LearningCache } from '@renatus/core/estimation/learning/learnRoom'
import type { Learned } from '@renatus/core/stock/learned'
import type { RenatusDatabase } from './database'

const LEARNED_KEY = 'learned'
/** Raised when the way of learning changes: what an older version worked out is then not believed. */
const LEARNED_VERSION = 1

/** What this device has worked out from the log; the log itself is the truth, so it may be thrown away. */
export interface StoredLearning {
  version: number
  learned: Learned
  cache: LearningCache
}

export async function storedLearning(db: RenatusDatabase): Promise<StoredLearning | null> {
  const value = (await db.meta.get(LEARNED_KEY))?.value as StoredLearning | undefined
  return value?.version === LEARNED_VERSION ? value : null
}

export const keepLearning = (db: RenatusDatabase, learning: Omit<StoredLearning, 'version'>) =>
  db.meta.put({
    key: LEARNED_KEY,
    value: { version: LEARNED_VERSION, ...learning } satisfies StoredLearning,
  })

/** What was learned when the log was last worked through; null before the first time. */
export const lastLearned = async (db: RenatusDatabase): Promise<Learned | null> =>
  (await storedLearning(db))?.learned ?? null
