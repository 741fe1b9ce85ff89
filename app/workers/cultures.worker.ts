import { expose } from 'comlink'
import { readCulture, type CultureReading } from '@renatus/core/estimation/readCulture'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { CultureRecord } from '@renatus/core/records/records'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { RenatusDatabase } from '~/db/database'
import { lastLearned } from '~/db/learned'

const JUST_WRITTEN_MS = 10 * 60_000
const memories = new Map<string, ReplayMemory>()
let turn = 0

/** Reads cultures off the page, one after another, and hands each over as soon as it is read. Remembers where it stood. */
const reader = {
  /** @param onReading called with each reading; a newer call stops an older one */
  async read(database: string, ids: readonly string[], now: string, onReading: (r: CultureReading) => void): Promise<void> {
    const mine = ++turn
    const db = new RenatusDatabase(database)
    try {
      const [entries, learned] = await Promise.all([db.entries.toArray(), lastLearned(db)])
      const effective = effectiveEntries(entries)
      // The page's minute may lie behind what was written a moment ago; an entry far ahead is another matter (a clock set back).
      const newest = effective.at(-1)?.at ?? now
      const at = newest > now && Date.parse(newest) - Date.parse(now) < JUST_WRITTEN_MS ? newest : now
      for (const id of ids) {
        const record = await db.records.get(id)
        if (mine !== turn) return
        const result = record?.type === 'culture' ? readCulture(record as CultureRecord, effective, learned ?? NOTHING_LEARNED, at, memories.get(id)) : null
        if (!result) continue
        memories.set(id, result.memory)
        onReading(result.reading)
      }
    } finally {
      db.close()
    }
  },
}

export type CultureReader = typeof reader
expose(reader)
