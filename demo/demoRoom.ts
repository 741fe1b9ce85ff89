import { randomStream } from '@renatus/core/math/random'
import type { AnyRecord } from '@renatus/core/records/records'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { ROOM_FILE_FORMAT, ROOM_FILE_VERSION } from '@renatus/core/formats/writeRoomFile'
import { localDateOf, toMs, type Instant } from '@renatus/core/time/localDate'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'
import { countedBox } from './gelShelf'
import { idMaker } from './ids'
import { before, LOFT_SEED, type Loft } from './livedLoft'
import type { RoundReadings } from './livedReadings'
import { redated } from './redated'

export interface DemoRoom {
  file: RoomFile
  /** What its log has taught, to be gone on from. */
  learning: Loft['learning']
  /** What is believed of all that grows at the round that is on; null where the clock was changed in its weeks. */
  readings: RoundReadings | null
  /** Exercises of its person, which are kept beside the room. */
  practice: Loft['practice']
}

/** Whether all of a log was moved by as much: then what was believed of it holds there too. */
function movedAlike(from: Loft, to: Loft): boolean {
  const by = toMs(to.entries[0]!.at) - toMs(from.entries[0]!.at)
  const started = (r: AnyRecord) => (r.type === 'culture' ? r.startedAt : r.updatedAt)
  return (
    from.entries.every((e, i) => toMs(to.entries[i]!.at) - toMs(e.at) === by) &&
    from.records.every((r, i) => toMs(started(to.records[i]!)) - toMs(started(r)) === by)
  )
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
    readings: movedAlike(from, loft)
      ? (loft.readings.find(r => r.at === current.at) ?? null)
      : null,
    practice: loft.practice,
  }
}
