import * as z from 'zod'
import { adviceOn, HOW_TO_LOOK } from '@renatus/core/estimation/advice'
import { estimate } from '@renatus/core/estimation/estimate'
import type { Observation } from '@renatus/core/estimation/observation'
import { whyOf } from '@renatus/core/estimation/why'
import { foodOf, foods } from '@renatus/core/foods/index'
import { ACTION_KINDS, AMOUNT_UNITS, HARVEST_GRADES, SIGNS } from '@renatus/core/records/vocabulary'

const HOUR = 3_600_000
const celsius = z.number().min(-5).max(60)
const when = z
  .union([z.iso.datetime({ offset: true }), z.iso.date()])
  .describe('instant, or a date for its noon (UTC)')
const animals = z.number().min(0).max(1e12)

/** An entry of a vessel's log. */
const entry = z.discriminatedUnion('kind', [
  z.object({
    at: when,
    kind: z.literal('look'),
    signs: z
      .partialRecord(z.enum(SIGNS), z.number().min(0).max(4))
      .describe('graded signs, 0 none to 3 much'),
  }),
  z.object({ at: when, kind: z.literal('count'), animals, ml: z.number().positive().max(1e6) }),
  z.object({
    at: when,
    kind: z.literal('density'),
    perMl: z.number().min(0).max(1e12),
    logSd: z.number().min(0.02).max(3).default(0.3),
  }),
  z.object({ at: when, kind: z.literal('yield'), seen: z.enum(HARVEST_GRADES) }),
  z.object({ at: when, kind: z.literal('refused') }),
  z.object({ at: when, kind: z.literal('temperature'), c: celsius }),
  z.object({
    at: when,
    kind: z.literal('action'),
    action: z.enum(ACTION_KINDS),
    amount: z.number().min(0).max(1e9).optional(),
    unit: z.enum(AMOUNT_UNITS).optional(),
  }),
])

/** How much stronger than it is somebody sees a sign: mean and standard deviation, grades. */
const lean = z.partialRecord(
  z.enum(SIGNS),
  z.object({ mean: z.number().min(-4).max(4), sd: z.number().min(0).max(4) }),
)

export const input = z.object({
  setup: z
    .object({
      food: z
        .string()
        .refine(
          id => foodOf(id) !== null,
          `unknown food: one of ${foods.map(f => f.profile.id).join(', ')}`,
        ),
      method: z.string().optional().describe('the first of the food where none is named'),
      startedAt: when,
      temperatureC: celsius,
      volumeL: z.number().positive().max(10_000).optional(),
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
    })
    .superRefine((s, ctx) => {
      const food = foodOf(s.food)
      if (!food) return
      if (s.method !== undefined && !food.methods.some(m => m.id === s.method))
        ctx.addIssue({
          code: 'custom',
          path: ['method'],
          message: `unknown method of ${s.food}: one of ${food.methods.map(m => m.id).join(', ')}`,
        })
      if (s.kind !== undefined && !food.kinds.some(k => k.id === s.kind))
        ctx.addIssue({
          code: 'custom',
          path: ['kind'],
          message: `unknown kind: ${food.kinds.map(k => k.id).join(', ') || 'this food has none'}`,
        })
    }),
  entries: z.array(entry).max(20_000).default([]),
  at: when,
  seed: z.number().int().default(1),
  observer: z.string().min(1).max(60).optional().describe('who looks at it'),
  observers: z
    .record(z.string().max(60), lean)
    .optional()
    .describe('what was learned of observers, by name'),
})

const band = z.object({ p10: z.number(), p50: z.number(), p90: z.number() })
const chance = z.number().min(0).max(1)
const instants = z.object({ p10: z.string(), p50: z.string(), p90: z.string() })

export const output = z.object({
  density: band,
  per: z.enum(['mL', 'cm2']),
  organisms: band,
  surplusPerDay: band,
  stages: z.record(z.string(), chance),
  readiness: z.record(z.string(), chance),
  readyOn: instants.nullable().describe('null when most courses never are ready'),
  pFailed: chance,
  pCrash3d: chance,
  nextLook: z.object({ sign: z.string(), how: z.string(), gainBits: z.number() }).nullable(),
  causes: z.array(
    z.object({
      id: z.string(),
      ratio: z.number(),
      probability: chance,
      known: z.boolean(),
      action: z.string(),
      confirm: z.string(),
    }),
  ),
  why: z
    .array(z.object({ entry: z.number(), text: z.string() }))
    .describe('the entries that moved it most, in words'),
  moves: z
    .array(
      z.object({
        entry: z.number(),
        density: z.number(),
        ready: z.array(chance),
        failed: z.array(chance),
      }),
    )
    .describe('what the entries moved: density after over before, chances before and after'),
  remarks: z.array(z.object({ code: z.string(), entry: z.number() })),
  lean: lean.describe('how who looked leans, by sign that was looked at'),
})

const ms = (at: string) => Date.parse(at.length === 10 ? `${at}T12:00:00Z` : at)

export function run({
  setup: { food: foodId, method: methodId, startedAt, temperatureC, ...s },
  entries,
  at,
  seed,
  observer,
  observers,
}: z.output<typeof input>): z.input<typeof output> {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId) ?? food.methods[0]!
  const start = ms(startedAt)
  const hours = (t: string) => (ms(t) - start) / HOUR
  const observations = entries.map((e): Observation => {
    const h = hours(e.at)
    return e.kind === 'action'
      ? { h, kind: 'action', action: { kind: e.action, amount: e.amount, unit: e.unit } }
      : { ...e, h }
  })
  const { estimate: e } = estimate(
    {
      food,
      method,
      setup: { ...s, volumeL: s.volumeL ?? method.vessel.volumeL },
      temperatureC,
      seed,
      observer: observer === undefined ? undefined : observers?.[observer],
    },
    observations,
    hours(at),
  )
  const on = (h: number) => new Date(start + h * HOUR).toISOString()
  return {
    density: e.density,
    per: e.per,
    organisms: e.organisms,
    surplusPerDay: e.surplusPerDay,
    stages: e.stages,
    readiness: e.readiness,
    readyOn: e.readyH && { p10: on(e.readyH.p10), p50: on(e.readyH.p50), p90: on(e.readyH.p90) },
    pFailed: e.pFailed,
    pCrash3d: e.pCrash3d,
    nextLook: e.nextLook && {
      sign: e.nextLook.sign,
      how: HOW_TO_LOOK[e.nextLook.sign],
      gainBits: e.nextLook.gain,
    },
    causes: e.causes.map(c => ({
      ...c,
      action: adviceOn(c.id, food).action,
      confirm: adviceOn(c.id, food).confirm,
    })),
    why: whyOf(e.moves).map(w => ({ entry: w.index, text: w.text })),
    moves: e.moves.map(m => ({
      entry: m.index,
      density: m.density,
      ready: [...m.ready],
      failed: [...m.failed],
    })),
    remarks: e.remarks.map(r => ({ code: r.code, entry: r.index })),
    lean: e.lean,
  }
}
