import type { EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'

/** Entries that can teach something, or take it back. */
export const TEACH: ReadonlySet<EntryKind> = new Set<EntryKind>([
  'culture.started',
  'culture.looked',
  'culture.did',
  'culture.temperature',
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
