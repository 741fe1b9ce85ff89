import { ofUnknownFish, type Aside } from '@renatus/core/formats/setAside'
import {
  readRoomFile,
  ROOM_FILE_MAX_BYTES,
  type RoomFileProblem,
} from '@renatus/core/formats/roomFile'
import type { RenatusDatabase } from './database'
import { unseal } from './sealed'
import { importRoom, isOtherRoom, type Taken } from './transfer'

export type FileProblem =
  | RoomFileProblem
  | { code: 'other-room'; name: string }
  | { code: 'sealed' | 'wrong-phrase' | 'sealed-here' }

export interface Took extends Taken {
  /** Of the room in the file. */
  name: string
  /** When the file was written. */
  exportedAt: string
  /** What parsed and cannot be true, and was left out. */
  aside: Aside[]
  /** Names of broods whose fish is not known here; they stand, and ask. */
  unknownFish: string[]
}
export type TakeResult = { ok: true; took: Took } | { ok: false; problem: FileProblem }

export interface TakeFile {
  /** `replace`: another room takes the place of the one here. */
  mode: 'merge' | 'replace'
  /** What the clock says here. */
  now: string
  phrase: string | null
}

/** Reads a file, checks it and takes it in; the room is only touched by what passed. */
export async function takeFile(
  db: RenatusDatabase,
  blob: Blob,
  how: TakeFile,
): Promise<TakeResult> {
  const fail = (problem: FileProblem): TakeResult => ({ ok: false, problem })
  const maxBytes = ROOM_FILE_MAX_BYTES
  // A sealed file is a third larger than what is in it.
  if (blob.size > maxBytes * 1.5) return fail({ code: 'huge', bytes: blob.size, maxBytes })
  const unsealed = await unseal(await blob.text(), how.phrase)
  if (!unsealed.ok) return fail({ code: unsealed.code })
  const read = readRoomFile(unsealed.text, how.now)
  if (!read.ok) return fail(read.problem)
  const name = read.file.records.find(r => r.type === 'room')?.name ?? 'another room'
  if (how.mode === 'merge' && (await isOtherRoom(db, read.file)))
    return fail({ code: 'other-room', name })
  const taken = await importRoom(db, read.file, how.mode)
  const { exportedAt, records } = read.file
  const unknownFish = ofUnknownFish(records)
  return { ok: true, took: { ...taken, name, exportedAt, aside: read.aside, unknownFish } }
}
