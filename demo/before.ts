import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Instant } from '@renatus/core/time/localDate'

/** The room as it stood before an instant: what came later is not there, what was removed later is. */
export const before = <T extends { records: readonly AnyRecord[]; entries: readonly Entry[] }>(
  { records, entries }: T,
  at: Instant,
): { records: AnyRecord[]; entries: Entry[] } => ({
  records: records
    .filter(r => r.updatedAt < at && !(r.type === 'culture' && r.startedAt >= at))
    .map(r => (r.removedAt !== null && r.removedAt >= at ? { ...r, removedAt: null } : r)),
  entries: entries.filter(e => e.at < at),
})
