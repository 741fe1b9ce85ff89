import { compare } from '../math/compare'
import type { Entry } from '../records/entries'
import type { AnyRecord } from '../records/records'

/** The open file of a room: everything that is known of it, in one JSON document. */
export const ROOM_FILE_FORMAT = 'renatus-room'
export const ROOM_FILE_VERSION = 13

const byId = <T extends { id: string }>(list: readonly T[]) =>
  [...list].sort((a, b) => compare(a.id, b.id))
/** One thing a line: a file of years stays small, and two of them can be compared line by line. */
const lines = (list: readonly object[]) =>
  list.length === 0 ? '[]' : `[\n${list.map(x => JSON.stringify(x)).join(',\n')}\n]`

/** The text of a room file: sorted by id, so that the same room gives the same file. */
export function writeRoomFile(file: {
  exportedAt: string
  by: string
  records: readonly AnyRecord[]
  entries: readonly Entry[]
  kept: readonly object[]
  keptEntries?: readonly Entry[]
}): string {
  const { exportedAt, by, records, entries, kept, keptEntries = [] } = file
  const parts: [string, string][] = [
    ['format', JSON.stringify(ROOM_FILE_FORMAT)],
    ['version', JSON.stringify(ROOM_FILE_VERSION)],
    ['exportedAt', JSON.stringify(exportedAt)],
    ['by', JSON.stringify(by)],
    ['records', lines(byId(records))],
    ['entries', lines(byId(entries))],
    ['kept', lines(kept)],
    ['keptEntries', lines(keptEntries)],
  ]
  return `{\n${parts.map(([name, text]) => `"${name}":${text}`).join(',\n')}\n}`
}
