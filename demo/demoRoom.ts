import { randomStream } from '@renatus/core/math/random'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { ROOM_FILE_FORMAT, ROOM_FILE_VERSION } from '@renatus/core/formats/writeRoomFile'
import { localDateOf, type Instant } from '@renatus/core/time/localDate'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'
import { countedBox } from './gelShelf'
import { idMaker } from './ids'
import { before, LOFT_SEED, type Loft } from './livedLoft'
import { redated } from './redated'

export interface DemoRoom {
  file: RoomFile
  /** What its log has taught, to be gone on from. */
  learning: Loft['learning']
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
  const to = { today: localDateOf(now, timeZone), timeZone }
  const loft = JSON.parse(redated(lived, from, to)) as Loft
  const here = loft.records.map(r => (r.type === 'room' ? { ...r, timeZone } : r))
  const { rounds } = here.find(r => r.type === 'room')!
  const around = roundsAround(now, rounds, timeZone, 1, 1)
  const current = currentRound(now, around)
  const { records, entries } = before({ records: here, entries: loft.entries }, current.at)
  const past = around.slice(0, around.indexOf(current))
  const counted = countedBox(records, entries, past, now, idMaker(randomStream(LOFT_SEED + 3)))
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
    practice: loft.practice,
  }
}
