import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { RenatusDatabase } from './database'

/** A reading and all that it hangs on. Derived: it may be thrown away at any time. */
export interface KeptReading {
  id: string
  /** With the days to come. */ ahead: boolean
  signature: string
  reading: CultureReading
}

/** Another build reads otherwise: what an older one kept is not believed. */
const BUILD = __RENATUS_BUILD__
const keyOf = (id: string, ahead: boolean) => `reading ${id}${ahead ? ' ahead' : ''}`

/** Readings of an earlier visit that still hold, by culture. */
export async function knownReadings(
  db: RenatusDatabase,
  asked: readonly { id: string; signature: string }[],
  ahead: boolean,
): Promise<Map<string, CultureReading>> {
  if (asked.length === 0) return new Map()
  const rows = await db.derived.bulkGet(asked.map(a => keyOf(a.id, ahead)))
  const found = new Map<string, CultureReading>()
  asked.forEach(({ id, signature }, i) => {
    const row = rows[i]
    const kept = row?.build === BUILD ? (row.value as KeptReading) : null
    if (kept?.signature === signature) found.set(id, kept.reading)
  })
  return found
}

/** Keeps readings; that there is no room for them is no failure. */
export async function keepReadings(
  db: RenatusDatabase,
  batch: readonly KeptReading[],
): Promise<void> {
  try {
    await db.derived.bulkPut(
      batch.map(value => ({ key: keyOf(value.id, value.ahead), build: BUILD, value })),
    )
  } catch {
    // They are worked out anew at the next visit.
  }
}
