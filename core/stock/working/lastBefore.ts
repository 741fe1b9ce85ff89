import type { Entry, EntryData, EntryKind } from '../../records/entries'
import { ofKind } from '../../records/effectiveEntries'
import type { Instant } from '../../time/localDate'

/** The last instant before a border at which a kind of entry spoke of a thing, by the id of that. */
export function lastBefore<K extends EntryKind>(
  standing: readonly Entry[],
  kind: K,
  idOf: (data: EntryData<K>) => string,
  before: Instant,
): Map<string, Instant> {
  const found = new Map<string, Instant>()
  for (const e of ofKind(standing, kind))
    if (e.at < before) found.set(idOf(e.data as EntryData<K>), e.at)
  return found
}
