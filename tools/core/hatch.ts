import * as z from 'zod'
import { hatch } from '@renatus/core/dynamics/hatch/hatch'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { volumeL } from './shared'

const celsius = z.number().min(-5).max(60)
const hours = z.number().min(0).max(400)

export const input = z.object({
  vesselL: volumeL,
  cystsG: z.number().positive().max(100_000).brand<'g'>(),
  saltGL: z.number().min(0).max(350).brand<'g/L'>(),
  pH: z.number().min(0).max(14).default(8.2),
  lit: z.boolean().default(true),
  decapsulated: z.boolean().default(false),
  temperatureC: z.union([
    celsius,
    z
      .array(z.object({ h: hours, c: celsius }))
      .min(1)
      .max(10_000),
  ]),
  lot: z
    .object({
      hatch: z.number().min(0).max(1).default(LOT_DEFAULTS.hatch),
      cystsPerG: z.number().positive().max(1_000_000).default(LOT_DEFAULTS.cystsPerG),
      speed: z.number().min(0.2).max(5).default(LOT_DEFAULTS.speed),
      spread: z.number().min(0.01).max(1).default(LOT_DEFAULTS.spread),
    })
    .prefault({}),
  pullsAt: z.array(hours).max(20).optional(),
})

const point = z.object({ h: z.number(), hatchedFraction: z.number(), useful: z.number() })
const factor = z.number().min(0).max(1)

export const output = z.object({
  t10h: z.number().nullable(),
  t50h: z.number().nullable(),
  t90h: z.number().nullable(),
  nauplii: z.number(),
  hatchFactors: z.object({
    salinity: factor,
    pH: factor,
    density: factor,
    light: factor,
    temperature: factor,
  }),
  best: point.nullable(),
  at: z.array(point),
  pulls: z.array(point),
  warnings: z.array(
    z.enum([
      'over-2-g-per-L',
      'cold',
      'hot',
      'low-pH',
      'low-salt',
      'high-salt',
      'dark',
      'too-slow',
      'never',
    ]),
  ),
})

export function run(i: z.output<typeof input>): z.input<typeof output> {
  const { curve, factors, nauplii, warnings } = hatch({ ...i, temperature: i.temperatureC })
  let since = 0
  return {
    t10h: curve.t10h,
    t50h: curve.t50h,
    t90h: curve.t90h,
    nauplii,
    hatchFactors: factors,
    best: curve.best,
    at: Array.from({ length: 31 }, (_, n) => ({
      h: 2 * n,
      hatchedFraction: curve.hatchedAt(2 * n),
      useful: curve.usefulAt(2 * n),
    })),
    pulls: [...(i.pullsAt ?? [])]
      .sort((a, b) => a - b)
      .map(h => {
        const pull = { h, ...curve.pull(h, since) }
        since = h
        return pull
      }),
    warnings,
  }
}
