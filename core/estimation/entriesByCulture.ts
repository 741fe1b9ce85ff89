import { byTime } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import { cultureIdOf } from '../stock/cultures'

/** Entries that can say something of a culture, by its id; what is read of a place goes to all. */
export function entriesByCulture(entries: readonly Entry[]): (id: string) => readonly Entry[] {
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
