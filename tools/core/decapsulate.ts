import * as z from 'zod'
import type { Bleach } from '@renatus/core/water/bleach'
import {
  decapsulation,
  DECAPSULATION_C,
  DECAPSULATION_MIN,
} from '@renatus/core/water/decapsulation'

export const input = z.object({
  cystsG: z.number().positive().max(10_000).describe('dry'),
  bleach: z.object({
    percent: z.number().positive().max(100),
    as: z.enum(['available-chlorine', 'sodium-hypochlorite']),
    by: z.enum(['mass', 'volume']),
    densityGPerMl: z.number().min(0.8).max(2).optional(),
    weeksOpen: z.number().min(0).max(520).default(0),
  }),
})
const amount = z.number().nullable()
export const output = z.object({
  status: z.enum(['ok', 'too-weak', 'too-much', 'refused']),
  activeChlorineG: z.number(),
  gPerMl: z.number().describe('available chlorine of this bottle today'),
  bleachMl: amount,
  waterMl: amount,
  hydrateMl: amount,
  thiosulphateG: amount,
  dipMl: amount,
  minutes: z.object({
    lookFrom: z.number(),
    usualFrom: z.number(),
    usualTo: z.number(),
    latest: z.number(),
  }),
  limitsC: z.object({ ice: z.number(), most: z.number(), kills: z.number() }),
})

export const run = ({ cystsG, bleach }: z.output<typeof input>): z.input<typeof output> => ({
  ...decapsulation(cystsG, bleach as Bleach),
  minutes: DECAPSULATION_MIN,
  limitsC: DECAPSULATION_C,
})
