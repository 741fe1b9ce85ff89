import { expose } from 'comlink'
import {
  readRoomFile,
  ROOM_FILE_MAX_BYTES,
  type ReadRoomFile,
} from '@renatus/core/formats/roomFile'

/** Reads and checks a file off the page: a room of years takes seconds. */
const reader = {
  async read(file: Blob): Promise<ReadRoomFile> {
    if (file.size > ROOM_FILE_MAX_BYTES)
      return {
        ok: false,
        problem: { code: 'huge', bytes: file.size, maxBytes: ROOM_FILE_MAX_BYTES },
      }
    return readRoomFile(await file.text())
  },
}

export type RoomFileReader = typeof reader
expose(reader)
