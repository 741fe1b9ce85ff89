import * as z from 'zod'
import { ACTION_KINDS, AMOUNT_UNITS, HARVEST_GRADES, SIGNS, STRANGERS } from '../records/vocabulary'
import type { Observation } from './observation'

const h = z.number().min(0).max(100_000)
const animals = z.number().min(0).max(1e12)

/** An observation where it comes from outside: a file, what a browser kept, another thread. */
export const observationShape = z.discriminatedUnion('kind', [
  z.object({
    h,
    kind: z.literal('look'),
    signs: z.partialRecord(z.enum(SIGNS), z.number().min(0).max(4)),
    strangers: z.array(z.enum(STRANGERS)).max(STRANGERS.length).readonly().optional(),
  }),
  z.object({ h, kind: z.literal('count'), animals, ml: z.number().positive().max(1e6) }),
  z.object({
    h,
    kind: z.literal('density'),
    perMl: z.number().min(0).max(1e12),
    logSd: z.number().min(0.01).max(5),
  }),
  z.object({ h, kind: z.literal('yield'), seen: z.enum(HARVEST_GRADES) }),
  z.object({ h, kind: z.literal('refused') }),
  z.object({ h, kind: z.literal('temperature'), c: z.number().min(-5).max(60) }),
  z.object({
    h,
    kind: z.literal('action'),
    action: z.object({
      kind: z.enum(ACTION_KINDS),
      amount: z.number().min(0).max(1e9).optional(),
      unit: z.enum(AMOUNT_UNITS).optional(),
    }),
  }),
]) satisfies z.ZodType<Observation>
