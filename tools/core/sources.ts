import * as z from 'zod'
import { reckon } from '@renatus/core/planning/reckoning/reckon'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { roomInput, roundStateOf } from './roomInput'

export const input = z.object({
  room: roomInput.describe('a room file'),
  at: z.iso.datetime({ offset: true }).describe('the round that is due at this instant'),
})

const band = z.object({ p10: z.number(), p50: z.number(), p90: z.number() })
export const output = z.object({
  sources: z.array(
    z.object({
      id: z.string(),
      kind: z.enum(['culture', 'store']),
      food: z.string(),
      ready: z.boolean(),
      gives: band.describe('organisms that may be drawn now'),
      useBy: z.string().optional(),
    }),
  ),
})

/** Everything that stands in the room and could feed somebody at the round. */
export function run({ room, at }: z.output<typeof input>): z.input<typeof output> {
  const state = roundStateOf(room, new Date(at).toISOString())
  const { sources } = reckon(state, readRoom(state))
  return {
    sources: sources
      .filter(s => !s.inHand)
      .map(s => ({
        id: s.id,
        kind: s.kind,
        food: s.foodId,
        ready: s.ready,
        gives: s.gives,
        ...(s.useBy === null ? {} : { useBy: s.useBy }),
      })),
  }
}
