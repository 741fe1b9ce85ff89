import { expose } from 'comlink'
import { readCulture, type CultureReading } from '@renatus/core/estimation/readCulture'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import { byTime, effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import type { Place } from '@renatus/core/records/records'
import { cultureIdOf } from '@renatus/core/stock/cultures'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { RenatusDatabase } from '~/db/database'
import { lastLearned } from '~/db/learned'

/** Entries that can say something of a culture, by its id; what is read of a place goes to all. */
function entriesByCulture(entries: readonly Entry[]): (id: string) => readonly Entry[] {
  const everywhere = entries.filter(e => e.kind === 'place.temperature')
  const found = new Map<string, Entry[]>()
  for (const e of entries) {
    const id = cultureIdOf(e)
    if (!id) continue
    const list = found.get(id)
    if (list) list.push(e)
    else found.set(id, [...everywhere, e])
  }
  for (const list of found.values()) list.sort(byTime)
  return id => found.get(id) ?? everywhere
}

const memories = new Map<string, ReplayMemory>()
let turn = 0

/** Reads cultures off the page, one after another, and hands each over as soon as it is read. Remembers where it stood. */
const reader = {
  /**
   * @param ahead also work out the days to come
   * @param onReading called with each reading; a newer call stops an older one
   */
  async read(
    database: string,
    ids: readonly string[],
    now: string,
    ahead: boolean,
    onReading: (r: CultureReading) => void,
  ): Promise<void> {
    const mine = ++turn
    const db = new RenatusDatabase(database)
    try {
      const [entries, learned, records] = await Promise.all([
        db.entries.toArray(),
        lastLearned(db),
        db.records.where('type').anyOf('place', 'culture').toArray(),
      ])
      const places = records.filter((r): r is Place => r.type === 'place')
      const byId = new Map(records.map(r => [r.id, r]))
      const effective = effectiveEntries(entries)
      const entriesOf = entriesByCulture(effective)
      for (const id of ids) {
        // Lets a newer call in.
        await new Promise(resolve => setTimeout(resolve))
        const record = byId.get(id)
        if (mine !== turn) return
        const result =
          record?.type === 'culture'
            ? readCulture(
                record,
                entriesOf(id),
                learned ?? NOTHING_LEARNED,
                now,
                memories.get(id),
                {
                  places,
                  ahead,
                },
              )
            : null
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
