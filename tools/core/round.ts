import * as z from 'zod'
import { buildRound, type Round } from '@renatus/core/round/round'
import { minutesOf } from '@renatus/core/round/minutes'
import { placeName } from '@renatus/core/round/placeName'
import { wordsOf } from '@renatus/core/round/roundLines'
import { sourcesOf } from '@renatus/core/round/sourcesOf'
import type { Stop } from '@renatus/core/round/stop'
import { readRoom } from '@renatus/core/estimation/readRoom'
import type { RoomState } from '@renatus/core/stock/roomState'
import { roomInput, roundStateOf } from './roomInput'

export const input = z.object({
  room: roomInput.describe('a room file'),
  at: z.iso.datetime({ offset: true }).describe('the round that is due at this instant'),
})

const source = z.object({
  id: z.string(),
  food: z.string(),
  amount: z.number(),
  unit: z.string(),
  organisms: z.number(),
})
const stopOut = z.object({
  key: z.string(),
  kind: z.string(),
  place: z.string(),
  subject: z.string(),
  verb: z.string(),
  amount: z.number().nullable(),
  unit: z.string(),
  text: z.string(),
  why: z.string(),
  cautions: z.array(z.string()),
  minutes: z.number(),
  must: z.boolean(),
  until: z.string().optional().describe('the latest round it may wait for'),
  sources: z.array(source).optional(),
  clock: z.object({ minutes: z.number(), until: z.string() }).optional(),
})

export const output = z.object({
  round: z.object({ name: z.string(), at: z.string(), key: z.string(), minutes: z.number() }),
  minutes: z.number(),
  budget: z.number(),
  stops: z.array(stopOut),
  waiting: z.array(stopOut).describe('what may wait and does: the minutes are up'),
  gaps: z.array(z.object({ tank: z.string(), share: z.number() })),
})

/** A stop as a row: its first line gives verb and amount, its text says all. */
export function stopRow(
  stop: Stop,
  state: RoomState,
  until: string | undefined,
  pace: number,
): z.input<typeof stopOut> {
  const lines = wordsOf(stop, state)
  const first = lines[0]!
  const sources = sourcesOf(stop)
  return {
    key: stop.key,
    kind: stop.kind,
    place: placeName(stop, state.places),
    subject: first.subject,
    verb: first.verb,
    amount: first.amount,
    unit: first.unit,
    text: lines.map(l => l.text).join(' '),
    why: first.why,
    cautions: stop.cautions.map(c => c.text),
    minutes: minutesOf(stop, pace),
    must: stop.must,
    ...(until === undefined ? {} : { until }),
    ...(sources.length > 0 ? { sources } : {}),
    ...(first.clock ? { clock: first.clock } : {}),
  }
}

export function roundOf(state: RoomState): Round {
  return buildRound(state, readRoom(state))
}

export function run({ room, at }: z.output<typeof input>): z.input<typeof output> {
  const state = roundStateOf(room, new Date(at).toISOString())
  const round = roundOf(state)
  const { current } = round
  const pace = round.pace.factor
  return {
    round: { name: current.name, at: current.at, key: current.key, minutes: round.minutes },
    minutes: round.minutes,
    budget: round.budget,
    stops: round.stops.map(s => stopRow(s, state, round.untils.get(s.key), pace)),
    waiting: round.waiting.map(w => stopRow(w.stop, state, w.until.key, pace)),
    gaps: round.reckoning.gaps.map(g => ({ tank: g.tank.id, share: g.share })),
  }
}
