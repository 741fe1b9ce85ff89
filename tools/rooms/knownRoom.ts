import { knownReading, liveUntil, truthOf, undergo, type Truth } from '@demo/truth'
import type { Readings } from '@renatus/core/planning/reckoning/sourcesAt'
import type { Draft } from '@renatus/core/records/draft'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { entry, type Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { anyRecord, type AnyRecord, type CultureRecord } from '@renatus/core/records/records'
import { answerStop, type StopAnswer } from '@renatus/core/round/answerStop'
import { buildRound, roundState, type Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import { running } from '@renatus/core/stock/cultures'
import type { RoomState } from '@renatus/core/stock/roomState'
import { toMs, type Instant } from '@renatus/core/time/localDate'

/** A room whose cultures are known as they are: quick to read, and true to the log. */
export interface KnownRoom {
  records: AnyRecord[]
  entries: Entry[]
  seed: number
}

export const readingKnown = (records: AnyRecord[], entries: Entry[], seed: number): KnownRoom => ({
  records,
  entries,
  seed,
})

/** A culture from its start through everything the log says was done to it, up to an instant. */
function truthAt(record: CultureRecord, log: readonly Entry[], at: Instant, seed: number): Truth {
  const truth = truthOf(record, seed)
  for (const e of log) {
    const mine = 'cultureId' in e.data && e.data.cultureId === record.id
    if (!mine) continue
    if (e.at > at) {
      undergo(truth, e)
      continue
    }
    liveUntil(truth, e.at)
    undergo(truth, e)
  }
  liveUntil(truth, at)
  return truth
}

/** A vessel has its own luck, whatever stands beside it. */
const seedOf = (id: string, seed: number) =>
  [...id].reduce((n, letter) => ((Math.imul(n, 31) + letter.charCodeAt(0)) >>> 0) % 100003, seed)

/** The round of a known room, from its log alone: the same log, the same round. */
export function knownRound(
  room: KnownRoom,
  now: Instant,
): { state: RoomState; readings: Readings; round: Round } {
  const state = roundState(room.records, room.entries, now)!
  const log = effectiveEntries(room.entries)
  const readings = new Map(
    running(state.cultureStates).map(c => {
      const truth = truthAt(c.record, log, state.now, seedOf(c.id, room.seed))
      return [c.id, knownReading(truth)] as const
    }),
  )
  return { state, readings, round: buildRound(state, readings) }
}

let serial = 0
/** Answers a stop of a known room: the room with what the tap wrote, and the act for Undo. */
export function answered(
  room: KnownRoom,
  stop: Stop,
  answer: StopAnswer,
  state: RoomState,
  round: Round,
  now: Instant,
): { room: KnownRoom; act: string; drafts: Draft[] } {
  const newId = () => makeId(toMs(now) + serial++, new Uint8Array(10))
  const { reckoning } = round
  const context = { state, roundKey: round.current.key, reckoning, now, newId }
  const written = answerStop(stop, answer, context)
  if (!written.ok) throw new Error(`${stop.key}: ${written.message}`)
  const act = newId()
  const entries = written.entries.map(d =>
    entry.parse({
      at: now,
      supersedes: null,
      ...d,
      id: newId(),
      by: 'test',
      act,
      answers: stop.key,
    }),
  )
  const records = written.records.map(r =>
    anyRecord.parse({ ...r, id: r.id ?? newId(), updatedAt: now, removedAt: null }),
  )
  return {
    act,
    drafts: written.entries,
    room: {
      ...room,
      records: [...room.records, ...records],
      entries: [...room.entries, ...entries],
    },
  }
}

/** Takes an act back. */
export function undone(room: KnownRoom, act: string, now: Instant): KnownRoom {
  const id = makeId(toMs(now) + serial++, new Uint8Array(10))
  const data = { act }
  const undo = { id, at: now, by: 'test', act: id, supersedes: null, answers: null, data }
  const subject = { type: 'act', id: act }
  return {
    ...room,
    entries: [...room.entries, entry.parse({ ...undo, kind: 'undone', subject })],
  }
}
