import * as z from 'zod'
import { READINESS } from '@renatus/core/dynamics/contract'
import { foodOf, foods } from '@renatus/core/foods/index'
import { simulate } from '@renatus/core/foods/simulate'
import { interpolate } from '@renatus/core/math/interpolate'
import { ACTION_KINDS, AMOUNT_UNITS } from '@renatus/core/records/vocabulary'

const celsius = z.number().min(-5).max(60)
const kind = z.enum(ACTION_KINDS)

export const input = z
  .object({
    food: z
      .string()
      .refine(
        id => foodOf(id) !== null,
        `unknown food: one of ${foods.map(f => f.profile.id).join(', ')}`,
      ),
    method: z.string(),
    setup: z.object({
      volumeL: z.number().positive().max(10_000),
      depthCm: z.number().positive().max(500).optional(),
      widthCm: z.number().positive().max(500).optional(),
      starter: z
        .number()
        .positive()
        .max(10_000)
        .optional()
        .describe('starter against the usual one of the method: 1 is usual'),
      matterGPerL: z.number().min(0).max(100).optional(),
      kind: z.string().optional(),
    }),
    temperatureC: z.union([
      celsius,
      z
        .array(z.object({ day: z.number().min(0).max(4000), c: celsius }))
        .min(1)
        .max(10_000),
    ]),
    days: z.number().int().min(1).max(2000),
    actions: z
      .array(
        z.object({
          day: z.number().min(0).max(4000),
          kind,
          amount: z.number().min(0).max(1e9).optional(),
          unit: z.enum(AMOUNT_UNITS).optional(),
        }),
      )
      .max(20_000)
      .default([])
      .describe('kinds that are named here replace what the method does by itself; any order'),
    seed: z.number().int().default(1),
    runs: z.number().int().min(1).max(20_000).default(1),
  })
  .superRefine((i, ctx) => {
    const food = foodOf(i.food)
    if (!food) return
    if (!food.methods.some(m => m.id === i.method))
      ctx.addIssue({
        code: 'custom',
        path: ['method'],
        message: `unknown method of ${i.food}: one of ${food.methods.map(m => m.id).join(', ')}`,
      })
    if (i.setup.kind !== undefined && !food.kinds.some(k => k.id === i.setup.kind))
      ctx.addIssue({
        code: 'custom',
        path: ['setup', 'kind'],
        message: `unknown kind: ${food.kinds.map(k => k.id).join(', ') || 'this food has none'}`,
      })
  })

const band = z.object({ p10: z.number(), p50: z.number(), p90: z.number() })
export const output = z.object({
  days: z.array(
    z.object({
      day: z.number(),
      stage: z.enum(['lag', 'exponential', 'stationary', 'decline', 'crashed']),
      readiness: z.enum(READINESS as [string, ...string[]]),
      look: z.record(z.string(), z.object({ grade: z.number(), sd: z.number() })),
      organisms: z.number(),
      organismsPerMl: z.number().optional(),
      organismsPerCm2: z.number().optional(),
      dryMg: z.number(),
      surplusPerDay: z.number(),
      p10: z.number().optional(),
      p50: z.number().optional(),
      p90: z.number().optional(),
    }),
  ),
  failedShare: z.number(),
  readyDay: band.nullable(),
  warnings: z.array(z.enum(['outside-living-range', 'matter-too-thin'])),
})

export function run(i: z.output<typeof input>): z.input<typeof output> {
  const food = foodOf(i.food)!
  const method = food.methods.find(m => m.id === i.method)!
  const course =
    typeof i.temperatureC === 'number'
      ? [{ day: 0, c: i.temperatureC }]
      : [...i.temperatureC].sort((a, b) => a.day - b.day)
  const knots = course.map(p => [p.day, p.c] as const)
  const result = simulate({
    food,
    method,
    setup: i.setup,
    temperature: knots.length === 1 ? () => knots[0]![1] : day => interpolate(knots, day),
    days: i.days,
    actions: i.actions,
    seed: i.seed,
    runs: i.runs,
  })
  const [lo, hi] = food.rangeC
  const thin =
    food.leastMatterGPerL !== undefined &&
    (i.setup.matterGPerL ?? method.vessel.matterGPerL) < food.leastMatterGPerL
  return {
    days: result.days.map(({ perMl, perCm2, ...d }) => ({
      ...d,
      ...(perMl !== null ? { organismsPerMl: perMl } : {}),
      ...(perCm2 !== null ? { organismsPerCm2: perCm2 } : {}),
      look: d.look as Record<string, { grade: number; sd: number }>,
    })),
    failedShare: result.failedShare,
    readyDay: result.readyDay,
    warnings: [
      ...(course.some(p => p.c < lo || p.c > hi) ? ['outside-living-range' as const] : []),
      ...(thin ? ['matter-too-thin' as const] : []),
    ],
  }
}
