import type { Entry } from '../records/entries'
import type { AnyRecord } from '../records/records'

/** The open file of a room: everything that is known of it, in one JSON document. */
export const ROOM_FILE_FORMAT = 'renatus-room'
export const ROOM_FILE_VERSION = 13

/** The text of a room file: sorted by id, so that the same room gives the same file. */
export function writeRoomFile(file: {
  exportedAt: string
  by: string
  records: readonly AnyRecord[]
  entries: readonly Entry[]
  kept: readonly object[]
  keptEntries?: readonly Entry[]
}): string {
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    [...list].sort((a, b) => (a.id < b.id ? -1 : 1))
  const { exportedAt, by, records, entries, kept, keptEntries = [] } = file
  return JSON.stringify(
    {
      format: ROOM_FILE_FORMAT,
      version: ROOM_FILE_VERSION,
      exportedAt,
      by,
      records: byId(records),
      entries: byId(entries),
      kept,
      keptEntries,
    },
    null,
    1,
  )
}
