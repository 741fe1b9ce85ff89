import * as z from 'zod'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { entry, type Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { anyRecord } from '@renatus/core/records/records'
import { randomStream } from '@renatus/core/math/random'
import { answerStop } from '@renatus/core/round/answerStop'
import { roomInput, roundStateOf } from './roomInput'
import { roundOf } from './round'

export const input = z.object({
  room: roomInput.describe('a room file'),
  at: z.iso.datetime({ offset: true }).describe('the instant of the tap'),
  stop: z.string().min(1).max(160).describe('key of a stop of the round'),
  kind: z.enum(['done', 'not-now', 'enough']).default('done'),
  given: z.unknown().describe('what the person said instead of what was proposed').optional(),
})

export const output = z.object({
  status: z.enum(['ok', 'answered', 'gone', 'refused']),
  message: z.string(),
  entries: z.array(z.unknown()),
  room: z.unknown(),
})

const BY = 'headless'

/** Ids of their time, the same for the same tap. */
function idMaker(ms: number, key: string): () => string {
  const seed = [...key].reduce((h, c) => (Math.imul(h, 31) + c.charCodeAt(0)) >>> 0, ms >>> 0)
  const chance = randomStream(seed)
  let n = 0
  return () =>
    makeId(
      ms + n++,
      Uint8Array.from({ length: 10 }, () => chance.integer(0, 255)),
    )
}

/** Who answered a stop, and when. */
function answeredBy(entries: readonly Entry[], key: string): Entry | undefined {
  return effectiveEntries(entries).find(e => e.kind === 'stop.answered' && e.data.key === key)
}

export function run({
  room,
  at,
  stop: key,
  kind,
  given,
}: z.output<typeof input>): z.input<typeof output> {
  const now = new Date(at).toISOString()
  const state = roundStateOf(room, now)
  const before = answeredBy(room.entries, key)
  const none = { entries: [], room }
  if (before) {
    const message = `This was answered already, at ${before.at} by ${before.by}. Nothing is written twice.`
    return { status: 'answered', message, ...none }
  }
  const round = roundOf(state)
  const stop = [...round.stops, ...round.waiting.map(w => w.stop)].find(s => s.key === key)
  if (!stop) {
    const message = 'No such stop is asked at this round: what it was about has changed or ended.'
    return { status: 'gone', message, ...none }
  }
  const newId = idMaker(Date.parse(now), key)
  const { reckoning } = round
  const context = { state, roundKey: round.current.key, reckoning, now, newId }
  const answered = answerStop(stop, { how: kind, given }, context)
  if (!answered.ok) return { status: 'refused', message: answered.message, ...none }
  const act = newId()
  const entries = answered.entries.map(d =>
    entry.parse({ at: now, supersedes: null, ...d, id: newId(), by: BY, act, answers: key }),
  )
  const records = answered.records.map(r =>
    anyRecord.parse({ ...r, id: r.id ?? newId(), updatedAt: now, removedAt: null }),
  )
  return {
    status: 'ok',
    message: answered.said,
    entries,
    room: {
      ...room,
      records: [...room.records, ...records],
      entries: [...room.entries, ...entries],
    },
  }
}
