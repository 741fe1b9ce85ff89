import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'

/** Entries that can teach something, or take it back. */
export const TEACH: ReadonlySet<EntryKind> = new Set<EntryKind>([
  'culture.started',
  'culture.looked',
  'culture.did',
  'culture.temperature',
  'culture.course',
  'culture.harvested',
  'culture.refused',
  'culture.ended',
  'sample.counted',
  'water.read',
  'lot.measured',
  'tool.measured',
  'learning.reset',
  'undone',
])
/** Records that what is learned hangs on. */
export const TAUGHT: ReadonlySet<AnyRecord['type']> = new Set<AnyRecord['type']>([
  'room',
  'lot',
  'tool',
  'culture',
])

/** Changes when there may be something new to learn. */
export const learningPosition = (
  records: readonly AnyRecord[],
  entries: readonly Entry[],
): string =>
  `${countAndLast(entries)} ${records
    .filter(r => TAUGHT.has(r.type))
    .map(r => r.id + r.updatedAt)
    .join('')}`

/** How many entries teach, and the last of them: a log only grows. */
function countAndLast(entries: readonly Entry[]): string {
  let count = 0
  let last = ''
  for (const e of entries) {
    if (!TEACH.has(e.kind)) continue
    count++
    if (e.id > last) last = e.id
  }
  return `${count} ${last}`
}
