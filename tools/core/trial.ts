import * as z from 'zod'
import { TRIAL_MEASURES, USUAL_SPREAD, type Arm, type Hits } from '@renatus/core/trials/arms'
import { readTrial } from '@renatus/core/trials/readTrial'

const value = z.number().positive().max(1e12)
const hits = z
  .object({
    hit: z.number().int().min(0).max(1e9),
    of: z.number().int().min(1).max(1e9),
  })
  .refine(h => h.hit <= h.of, 'more were hit than there were')
const arm = z.object({
  id: z.string().min(1).max(60),
  values: z
    .array(z.union([value, hits]))
    .min(1, 'an arm has at least one vessel')
    .max(100),
})
export const input = z
  .object({
    measure: z.enum(TRIAL_MEASURES),
    arms: z.array(arm).min(2, 'a trial has at least two arms').max(12),
    spread: z
      .object({ sd: z.number().positive().max(5), df: z.number().positive().max(1000) })
      .default(USUAL_SPREAD)
      .describe('log spread of like vessels as believed before, and vessels that it is worth'),
    seed: z.number().int().default(1),
  })
  .refine(i => new Set(i.arms.map(a => a.id)).size === i.arms.length, 'two arms of one name')
  .refine(
    i =>
      i.arms.every(a => a.values.every(v => (typeof v === 'object') === (i.measure === 'share'))),
    'a share wants {hit, of} for each vessel; a time or an amount a number above 0',
  )
const chance = z.number().min(0).max(1)
const span = z.object({ p10: z.number(), p50: z.number(), p90: z.number() })
export const output = z.object({
  arms: z.array(
    z.object({ id: z.string(), mean: z.number(), p10: z.number(), p90: z.number(), best: chance }),
  ),
  differences: z.array(
    z.object({
      a: z.string(),
      b: z.string(),
      ratio: span.describe('of b to a'),
      aBetter: chance,
    }),
  ),
  more: z
    .number()
    .nullable()
    .describe('vessels more an arm until nine in ten; null: not within a dozen'),
  settled: z.boolean(),
  alike: z.boolean(),
})

export function run(i: z.output<typeof input>): z.input<typeof output> {
  if (i.measure === 'share') {
    const arms = i.arms.map((a): Arm<Hits> => ({ id: a.id, vessels: a.values as Hits[] }))
    return readTrial({ measure: 'share', arms }, i.seed)
  }
  const arms = i.arms.map(a => ({
    id: a.id,
    vessels: (a.values as number[]).map(v => ({ value: v, logSd: 0 })),
  }))
  return readTrial({ measure: i.measure, arms }, i.seed, i.spread)
}
