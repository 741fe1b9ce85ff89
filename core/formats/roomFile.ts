import * as z from 'zod'
import { entry } from '../records/entries'
import { instant } from '../records/recordFields'
import { anyRecord } from '../records/records'
import type { Instant } from '../time/localDate'
import { setAside, type Aside } from './setAside'
import { upgradeFile } from './upgradeRoom'
import { ROOM_FILE_FORMAT, ROOM_FILE_VERSION } from './writeRoomFile'

/** A file above this is refused before it is read, bytes. Ten years of a busy room are far below. */
export const ROOM_FILE_MAX_BYTES = 64 * 1024 * 1024

export const keptRecord = z.object({
  keptAt: instant,
  reason: z.enum(['older', 'same-id']),
  record: anyRecord,
})

export const roomFile = z.object({
  format: z.literal(ROOM_FILE_FORMAT),
  version: z.literal(ROOM_FILE_VERSION),
  exportedAt: instant,
  by: z.string().max(60),
  records: z.array(anyRecord).max(50_000),
  entries: z.array(entry).max(500_000),
  /** Older versions of records and losers of earlier merges, still restorable. */
  kept: z.array(keptRecord).max(50_000).default([]),
  /** Entries that share an id with one that stands and say something else. */
  keptEntries: z.array(entry).max(50_000).default([]),
})

export type RoomFile = z.infer<typeof roomFile>
export type KeptRecord = z.infer<typeof keptRecord>

export type RoomFileProblem =
  | { code: 'huge'; bytes: number; maxBytes: number }
  | { code: 'empty' }
  | { code: 'not-json'; near: string }
  | { code: 'foreign' }
  | { code: 'newer'; version: number; known: number }
  | { code: 'broken'; path: string; message: string }
  | { code: 'no-room' }

export type ReadRoomFile =
  | {
      ok: true
      file: RoomFile
      /** What parsed and cannot be true; not in the file. */ aside: Aside[]
    }
  | { ok: false; problem: RoomFileProblem }

/**
 * Reads the text of a room file. Nothing is guessed: what does not fit is named.
 * @param now what the clock says here; without it the file's own time is believed
 */
export function readRoomFile(text: string, now?: Instant): ReadRoomFile {
  const fail = (problem: RoomFileProblem): ReadRoomFile => ({ ok: false, problem })
  if (text.length > ROOM_FILE_MAX_BYTES)
    return fail({ code: 'huge', bytes: text.length, maxBytes: ROOM_FILE_MAX_BYTES })
  if (text.trim() === '') return fail({ code: 'empty' })
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return fail({ code: 'not-json', near: error instanceof Error ? error.message : '' })
  }
  const head = z
    .object({ format: z.literal(ROOM_FILE_FORMAT), version: z.number() })
    .safeParse(json)
  if (!head.success) return fail({ code: 'foreign' })
  if (head.data.version > ROOM_FILE_VERSION)
    return fail({ code: 'newer', version: head.data.version, known: ROOM_FILE_VERSION })
  const parsed = roomFile.safeParse(upgradeFile(json, head.data.version))
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!
    return fail({ code: 'broken', path: issue.path.join('.'), message: issue.message })
  }
  if (!parsed.data.records.some(r => r.type === 'room' && r.removedAt === null))
    return fail({ code: 'no-room' })
  const { exportedAt } = parsed.data
  const clock = now !== undefined && now < exportedAt ? now : exportedAt
  const { aside, ...sound } = setAside(parsed.data, clock)
  return { ok: true, file: { ...parsed.data, ...sound }, aside }
}
