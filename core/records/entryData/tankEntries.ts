import * as z from 'zod'
import { foodId, id, localDate } from '../recordFields'
import { HAND_UNITS, SOURCE_KINDS } from '../vocabulary'
import { celsius, course } from './fields'

const source = z.object({ kind: z.enum(SOURCE_KINDS), id })
const handAmount = z.object({ value: z.number().min(0).max(1e9), unit: z.enum(HAND_UNITS) })

/** What happens at a tank. */
export const tankEntries = {
  /** What a tank was given at a round: each portion names its food and where it came from (null: nobody wrote it down). */
  'tank.fed': z.object({
    tankId: id,
    roundKey: z.string(),
    portions: z
      .array(
        z.object({
          foodId,
          organisms: z.number().min(0).max(1e15),
          /** Of one animal, full yolk = 1. */
          energy: z.number().min(0).max(1).default(1),
          amount: handAmount.nullable().default(null),
          source: source.nullable().default(null),
        }),
      )
      .max(60),
    /** The rest of the meal is still wanted. */
    partial: z.boolean().default(false),
  }),
  /** Water of a tank as read, or as set from now on; `was` is what held before. */
  'tank.temperature': z.object({ tankId: id, temperatureC: celsius, was: celsius.nullable() }),
  'tank.course': z.object({ tankId: id, ...course }),
  'tank.task': z.object({
    tankId: id,
    broodId: id.nullable(),
    task: z.string().min(1).max(40),
    on: localDate,
  }),
}
