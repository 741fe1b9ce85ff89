import * as z from 'zod'
import { wholeRound } from '@renatus/core/round/moreStops'
import { roundLines } from '@renatus/core/round/roundLines'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { roomInput, stateOf } from './roomInput'

export const input = z.object({
  room: roomInput.describe('a room file'),
  at: z.iso.datetime({ offset: true }).describe('the round that is due at this instant'),
})

export const output = z.object({
  round: z.object({ name: z.string(), at: z.string(), minutes: z.number() }),
  stops: z.array(
    z.object({
      place: z.string(),
      subject: z.string(),
      verb: z.string(),
      amount: z.number().nullable(),
      unit: z.string(),
      text: z.string(),
      why: z.string(),
      cautions: z.array(z.string()),
      minutes: z.number(),
      clock: z.object({ minutes: z.number(), until: z.string() }).optional(),
    }),
  ),
})

export function run({ room, at }: z.output<typeof input>): z.input<typeof output> {
  const state = stateOf(room, new Date(at).toISOString())
  const round = wholeRound(state, readRoom(state))
  const lines = roundLines(round.stops, state)
  return {
    round: {
      name: round.current.name,
      at: round.current.at,
      minutes: lines.reduce((m, l) => m + l.minutes, 0),
    },
    stops: lines.map(({ key: _, ...line }) => line),
  }
}
