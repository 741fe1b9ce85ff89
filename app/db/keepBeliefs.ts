import type { RoundReadings } from '@demo/livedReadings'
import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { compare } from '@renatus/core/math/compare'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { RenatusDatabase } from './database'
import { keepReadings } from './keptReadings'
import { lastLearned } from './learned'
import { readingSignature } from './readingSignature'

/**
 * Keeps what was believed at the round that is on, as after any visit: the first one reads nothing anew.
 * What the room has taught is kept before.
 */
export async function keepBeliefs(
  db: RenatusDatabase,
  file: RoomFile,
  { at: now, readings }: RoundReadings,
): Promise<void> {
  const records = file.records.toSorted((a, b) => compare(a.id, b.id))
  const of = entriesByCulture(effectiveEntries(file.entries))
  const signature = readingSignature(records, of, await lastLearned(db), now)
  const byId = new Map(readings.map(r => [r.id, r]))
  const batch = records.flatMap(r => {
    const reading = byId.get(r.id)
    if (r.type !== 'culture' || !reading) return []
    return [{ id: r.id, ahead: false, signature: signature(r), reading }]
  })
  await keepReadings(db, batch)
}
