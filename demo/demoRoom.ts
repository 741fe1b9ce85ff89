import type { RoomFile } from '@renatus/core/formats/roomFile'
import { ROOM_FILE_FORMAT, ROOM_FILE_VERSION } from '@renatus/core/formats/writeRoomFile'
import {
  addDays,
  daysBetween,
  instantOf,
  localDateOf,
  toMs,
  type Instant,
} from '@renatus/core/time/localDate'
import { currentRound, roundsAround, timeOf } from '@renatus/core/time/rounds'
import { before } from './before'
import type { Loft } from './livedLoft'
import type { RoundReadings } from './livedReadings'
import { redated } from './redated'

export interface DemoRoom {
  file: RoomFile
  /** What its log has taught, to be gone on from. */
  learning: Loft['learning']
  /** What is believed of all that grows at the round that is on. */
  readings: RoundReadings
  /** Exercises of its person, which are kept beside the room. */
  practice: Loft['practice']
}

/**
 * The demo room as it stands at an instant: records, and a log of eight weeks up to the round before the current one.
 * Same loft, instant and zone: same room.
 * @param lived the loft as JSON (livedLoft.ts)
 */
export function demoRoom(lived: string, now: Instant, timeZone: string): DemoRoom {
  const from = JSON.parse(lived) as Loft
  const { rounds } = from.records.find(r => r.type === 'room')!
  const around = roundsAround(now, rounds, timeZone, 1, 1)
  const current = currentRound(now, around)
  const days = daysBetween(from.today, localDateOf(now, timeZone))
  const lay = instantOf(addDays(current.date, -days), timeOf(current), from.timeZone)
  const loft = JSON.parse(redated(lived, { days, ms: toMs(current.at) - toMs(lay) })) as Loft
  const here = loft.records.map(r => (r.type === 'room' ? { ...r, timeZone } : r))
  const { records, entries } = before({ records: here, entries: loft.entries }, current.at)
  const { at, readings, counted } = loft.rounds.find(r => r.at === current.at)!
  return {
    file: {
      format: ROOM_FILE_FORMAT,
      version: ROOM_FILE_VERSION,
      exportedAt: now,
      by: 'demo',
      records,
      entries: [...entries, ...counted],
      kept: [],
      keptEntries: [],
    },
    learning: loft.learning,
    readings: { at, readings },
    practice: loft.practice,
  }
}
