import * as z from 'zod'
import { mergeRooms, type MergeResult } from '@renatus/core/formats/mergeRooms'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { roomInput, type RoomInput } from './roomInput'

export const input = z.object({ rooms: z.array(roomInput).min(1).max(20) })
export const output = z.object({
  room: z.unknown().describe('a room file'),
  conflicts: z.array(
    z.object({
      id: z.string(),
      type: z.string(),
      winner: z.enum(['mine', 'theirs', 'first']).describe('mine: of the rooms before it'),
    }),
  ),
})

type Conflicts = z.input<typeof output>['conflicts']
const entryConflicts = (ids: MergeResult['entryConflicts']): Conflicts =>
  ids.map(id => ({ id, type: 'entry', winner: 'first' }))

/** Rooms taken in one after another, as two devices do it. The file is as new as the newest of them. */
export function run({ rooms }: z.output<typeof input>): z.input<typeof output> {
  const [first, ...others] = rooms as [RoomInput, ...RoomInput[]]
  const exportedAt = rooms.map(r => r.exportedAt).reduce((a, b) => (b > a ? b : a))
  const conflicts: Conflicts = []
  let room: Pick<RoomInput, 'records' | 'entries' | 'kept'> = first
  for (const other of others) {
    const merged = mergeRooms(room, other, exportedAt)
    conflicts.push(...merged.conflicts, ...entryConflicts(merged.entryConflicts))
    room = merged
  }
  const text = writeRoomFile({ ...room, exportedAt, by: first.by })
  return { room: JSON.parse(text) as unknown, conflicts }
}
