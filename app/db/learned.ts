import type { LearningCache } from '@renatus/core/estimation/learning/learnRoom'
import type { Learned } from '@renatus/core/stock/learned'
import type { RenatusDatabase } from './database'

const LEARNED_KEY = 'learned'
const REST_KEY = 'learned from'
/** Raised when the way of learning changes: what an older version worked out is then not believed. */
const LEARNED_VERSION = 6

/** What this device has worked out from the log; the log itself is the truth, so it may be thrown away. */
export interface StoredLearning {
  learned: Learned
  cache: LearningCache
  /** How far the log was worked through; not known of what came with a demo room. */
  upTo?: LogPosition
}

/** A place in a log: entries, and the last of them, and the records that teach. */
export interface LogPosition {
  generation: unknown
  last: string
  records: string
}

/** The table row that pages watch: nothing else is in it, so that it changes only with what is learned. */
interface LearnedRow {
  version: number
  learned: Learned
}
/** What the next learning goes on from. */
interface RestRow extends Pick<StoredLearning, 'cache' | 'upTo'> {
  version: number
}

const rowOf = async <T extends { version: number }>(db: RenatusDatabase, key: string) => {
  const value = (await db.meta.get(key))?.value as T | undefined
  return value?.version === LEARNED_VERSION ? value : null
}

export async function storedLearning(db: RenatusDatabase): Promise<StoredLearning | null> {
  const row = await rowOf<LearnedRow & Partial<RestRow>>(db, LEARNED_KEY)
  if (!row) return null
  // Earlier both stood in one row.
  const rest = (await rowOf<RestRow>(db, REST_KEY)) ?? row
  return { learned: row.learned, cache: rest.cache ?? { lots: {}, vessels: {} }, upTo: rest.upTo }
}

/** Keeps what was learned. What is the same is not written: to whoever watches it a write is a change. */
export async function keepLearning(
  db: RenatusDatabase,
  { learned, cache, upTo }: StoredLearning,
): Promise<void> {
  const version = LEARNED_VERSION
  await db.transaction('rw', db.meta, async () => {
    const before = await rowOf<LearnedRow>(db, LEARNED_KEY)
    if (JSON.stringify(before?.learned) !== JSON.stringify(learned))
      await db.meta.put({ key: LEARNED_KEY, value: { version, learned } satisfies LearnedRow })
    await db.meta.put({ key: REST_KEY, value: { version, cache, upTo } satisfies RestRow })
  })
}

/** What was learned when the log was last worked through; null before the first time. */
export const lastLearned = async (db: RenatusDatabase): Promise<Learned | null> =>
  (await rowOf<LearnedRow>(db, LEARNED_KEY))?.learned ?? null
