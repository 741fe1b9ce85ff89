import * as z from 'zod'
import { mergeRooms, type RoomData } from '@renatus/core/formats/mergeRooms'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { roomInput } from './roomInput'

export const input = z.object({ rooms: z.array(roomInput).min(1).max(20) })
export const output = z.object({
  room: z.unknown().describe('a room file'),
  conflicts: z
    .array(
      z.object({
        id: z.string(),
        type: z.string(),
        name: z.string(),
        versions: z.number().describe('that nobody has written over, the standing one among them'),
      }),
    )
    .describe('what was changed on two devices without either knowing, in order of the ids'),
  twice: z.array(z.string()).describe('acts that repeat the answer of an earlier one'),
})

const NOTHING: RoomData = { records: [], entries: [], kept: [] }
const latest = (texts: readonly string[]) => texts.reduce((a, b) => (b > a ? b : a))

/** Rooms taken in one after another, as devices do it; the order does not count. The file is as new as the newest of them. */
export function run({ rooms }: z.output<typeof input>): z.input<typeof output> {
  const merged = rooms.reduce((room: RoomData, other) => mergeRooms(room, other), NOTHING)
  const { conflicts, twice } = mergeRooms(merged, NOTHING)
  const about = {
    exportedAt: latest(rooms.map(r => r.exportedAt)),
    by: latest(rooms.map(r => r.by)),
  }
  const text = writeRoomFile({ ...merged, ...about })
  return { room: JSON.parse(text) as unknown, conflicts, twice }
}
