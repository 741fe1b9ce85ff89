import * as z from 'zod'
import { foodOf } from '@renatus/core/foods/index'
import { SPECIES } from '@renatus/core/fry/species/index'
import { ruleOfFish, ruleOfFood, type AlarmRule } from '@renatus/core/instruments/alarmRule'
import { alarms } from '@renatus/core/instruments/alarms'

const celsius = z.number().min(-20).max(60)
const limits = z
  .object({
    low: celsius.nullish(),
    high: celsius.nullish(),
    perHour: z.number().positive().max(100).nullish().describe('fastest change borne, degrees C'),
  })
  .refine(r => (r.low ?? -Infinity) < (r.high ?? Infinity), 'low is not below high')
const known = (id: string) => foodOf(id) !== null || SPECIES.some(s => s.id === id)
const rule = z.union([z.string().refine(known, 'no food and no fish has this id'), limits])

export const input = z.object({
  readings: z
    .array(
      z.object({
        at: z.iso.datetime({ offset: true }),
        value: z.union([z.number(), z.string(), z.null()]).describe('degrees C; else missing'),
      }),
    )
    .max(200_000),
  rules: z.union([rule, z.array(rule).min(1).max(20)]),
  place: z.string().max(60).default(''),
  until: z.iso.datetime({ offset: true }).optional().describe('looked at then; else at the last'),
})
export const output = z.object({
  events: z.array(
    z.object({
      at: z.string(),
      kind: z.enum(['warning', 'alarm', 'dead', 'over']),
      text: z.string(),
    }),
  ),
})

function ruleOf(given: z.output<typeof rule>): AlarmRule {
  if (typeof given !== 'string')
    return {
      harms: null,
      low: given.low ?? null,
      high: given.high ?? null,
      perHour: given.perHour ?? null,
    }
  const food = foodOf(given)
  return food ? ruleOfFood(food) : ruleOfFish(SPECIES.find(s => s.id === given)!)
}

export const run = ({
  readings,
  rules,
  place,
  until,
}: z.output<typeof input>): z.input<typeof output> => ({
  events: alarms(readings, [rules].flat().map(ruleOf), { place, until: until ?? null }).map(
    ({ at, kind, text }) => ({ at, kind, text }),
  ),
})
