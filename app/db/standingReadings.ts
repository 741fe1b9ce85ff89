import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord, CultureRecord } from '@renatus/core/records/records'
import type { Learned } from '@renatus/core/stock/learned'
import type { Instant } from '@renatus/core/time/localDate'
import type { RenatusDatabase } from './database'
import { knownReadings } from './keptReadings'
import { readingSignature } from './readingSignature'

/** A room as far as readings hang on it. */
interface Read {
  /** In the order of their ids. */ records: readonly AnyRecord[]
  /** Effective ones. */ entries: readonly Entry[]
  learned: Learned | null
}

/**
 * What an earlier visit read of cultures at an instant, where all of it still holds.
 * @returns null where one of them would be read anew
 */
export async function standingReadings(
  db: RenatusDatabase,
  { records, entries, learned }: Read,
  cultures: readonly CultureRecord[],
  at: Instant,
): Promise<CultureReading[] | null> {
  const signature = readingSignature(records, entriesByCulture(entries), learned, at)
  const asked = cultures.map(c => ({ id: c.id, signature: signature(c) }))
  const known = await knownReadings(db, asked, false)
  return known.size === cultures.length ? [...known.values()] : null
}
