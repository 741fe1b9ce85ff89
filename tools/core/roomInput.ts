import * as z from 'zod'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { upgradeFile } from '@renatus/core/formats/upgradeRoom'
import { roomFile } from '@renatus/core/formats/roomFile'
import { roundState } from '@renatus/core/round/round'
import type { RoomState } from '@renatus/core/stock/roomState'

/** A room file of any version that this one knows. */
export const roomInput = z.preprocess(
  file => {
    const version = (file as { version?: unknown } | null)?.version
    return typeof version === 'number' ? upgradeFile(file, version) : file
  },
  roomFile.refine(
    f => f.records.some(r => r.type === 'room' && r.removedAt === null),
    'there is no room in this file: it needs one record of type "room" that was not removed',
  ),
)

export type RoomInput = z.output<typeof roomInput>

/** A room at the hour of the round that is on at an instant: what its stops are reckoned from. */
export function roundStateOf(file: RoomInput, now: string): RoomState {
  return roundState(
    file.records,
    file.entries,
    now,
    learnRoom(file.records, file.entries)?.learned,
  )!
}
