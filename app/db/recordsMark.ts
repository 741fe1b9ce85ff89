import type { RenatusDatabase } from './database'
import { newId } from './newId'

/** Of the records, in the table of this device: another one whenever any of them has changed. */
const RECORDS_KEY = 'records'

/** The mark of the records as they are; null where none was changed since the database holds one. */
export const recordsMark = async (db: RenatusDatabase): Promise<unknown> =>
  (await db.meta.get(RECORDS_KEY))?.value ?? null

/** Whoever changes a record says so, in the same transaction: who has read them tells by it whether to read them again. */
export const markRecords = (db: RenatusDatabase): Promise<unknown> =>
  db.meta.put({ key: RECORDS_KEY, value: newId() })
