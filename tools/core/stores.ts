import * as z from 'zod'
import { TOLD_D } from '@renatus/core/provision/burnDown'
import { larderOf } from '@renatus/core/provision/larderOf'
import { roomInput, roundStateOf } from './roomInput'

export const input = z.object({
  room: roomInput.describe('a room file'),
  at: z.iso.datetime({ offset: true }),
  days: z.number().int().min(1).max(400).default(90).describe('how far ahead is looked'),
  certainty: z
    .number()
    .min(0.5)
    .max(0.999)
    .default(0.95)
    .describe('with which nothing is to run short'),
})
const money = z.number().describe('in the currency of the room')
export const output = z.object({
  items: z.array(
    z.object({
      id: z.string(),
      kind: z.string(),
      name: z.string(),
      left: z.number().nullable().describe('null where nobody has counted it'),
      unit: z.string(),
      perDay: z.number(),
      lastsDays: z
        .object({ p10: z.number(), p50: z.number(), p90: z.number() })
        .nullable()
        .describe('null where nothing is used'),
      moreThanTwoYears: z.boolean(),
      orderOn: z.string().optional(),
      stale: z.string().optional().describe('past its best before it is used up'),
      overdrawn: z.boolean(),
    }),
  ),
  untold: z.array(z.object({ material: z.string(), unit: z.string(), perDay: z.number() })),
  shopping: z.array(
    z.object({
      item: z.string(),
      name: z.string(),
      amount: z.number(),
      unit: z.string(),
      packs: z.number(),
      by: z.string(),
      comes: z.string(),
      price: money.nullable(),
    }),
  ),
  costs: z.object({
    currency: z.string(),
    perThousandHatched: z.array(
      z.object({ lot: z.string(), cost: money, low: money, high: money }),
    ),
    perDay: money,
    byMonth: z.array(z.object({ month: z.string(), cost: money })),
    byBrood: z.array(z.object({ brood: z.string(), cost: money, perFry: money })),
  }),
})

export function run(i: z.output<typeof input>): z.input<typeof output> {
  const state = roundStateOf(i.room, new Date(i.at).toISOString())
  const { items, untold, shopping, costs } = larderOf(state, i.days, i.certainty)
  const { energyPerDay: _, ...spent } = costs
  return {
    items: items.map(p => ({
      ...p,
      lastsDays: p.lasts,
      moreThanTwoYears: p.lasts !== null && p.lasts.p50 > TOLD_D,
      ...(p.orderOn === null ? { orderOn: undefined } : { orderOn: p.orderOn }),
      ...(p.stale === null ? { stale: undefined } : { stale: p.stale }),
    })),
    untold: untold.map(u => ({ material: u.of, unit: u.unit, perDay: u.perDay })),
    shopping: shopping.map(({ id, ...p }) => ({
      item: id,
      ...p,
    })),
    costs: { currency: state.room.currency ?? '€', ...spent },
  }
}
