import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import type { RenatusDatabase } from './database'
import { entriesAfter } from './storedLog'
import { keepLearning, storedLearning, type LogPosition } from './learned'
import { TAUGHT, TEACH } from './teaches'
import { GENERATION_KEY } from './generation'
import type { WorkingRoom } from './workingRoom'

async function recordsPosition(db: RenatusDatabase): Promise<string> {
  const records = await db.records
    .where('type')
    .anyOf([...TAUGHT])
    .toArray()
  const last = records.reduce((at, r) => (r.updatedAt > at ? r.updatedAt : at), '')
  return `${records.length} ${last}`
}

/** Whether anything came since the log was last worked through that could teach. Only what came is read. */
async function isNews(db: RenatusDatabase, upTo: LogPosition | undefined): Promise<boolean> {
  if (!upTo) return true
  const generation = (await db.meta.get(GENERATION_KEY))?.value ?? null
  if (generation !== upTo.generation || (await recordsPosition(db)) !== upTo.records) return true
  const fresh = await entriesAfter(db, upTo.last)
  return fresh.some(e => TEACH.has(e.kind))
}

/**
 * Works through the log and keeps what it teaches. Vessels of which nothing new was written take no time. Runs in a worker.
 * @param whole the room with all of its log; read only where something came
 */
export async function learnInto(db: RenatusDatabase, whole: WorkingRoom): Promise<void> {
  const before = await storedLearning(db)
  if (before && !(await isNews(db, before.upTo))) return
  const position = await recordsPosition(db)
  await whole.fetchWhole()
  const { records, entries, generation } = await whole.read()
  const result = learnRoom(records, entries, before?.cache)!
  const last = entries.at(-1)?.id ?? ''
  await keepLearning(db, { ...result, upTo: { generation, last, records: position } })
}
