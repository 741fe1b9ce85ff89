import * as z from 'zod'
import { draws, evenShares } from '@renatus/core/dynamics/hatch/draws'
import { harvestWindow, hatch } from '@renatus/core/dynamics/hatch/hatch'
import type { HatchCurve } from '@renatus/core/dynamics/hatch/hatchCurve'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { hatchFood } from '@renatus/core/foods/hatchFood'
import { HATCH_SCHOOLS, type HatchSchool } from '@renatus/core/records/vocabulary'
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
  pullsAtH: z.array(hours).max(20).optional(),
  pullsAt: z.array(hours).max(20).optional().describe('older name of pullsAtH'),
  school: z.enum(HATCH_SCHOOLS).optional().describe('sets light, shells, salt and how pulls draw'),
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

/** Pulls of a school where none are asked for: at its best hour, in two, or at every twelfth hour to the last call. */
function usualPulls(school: HatchSchool | undefined, curve: HatchCurve): number[] {
  const window = harvestWindow(curve)
  if (!school || !curve.best || !window) return []
  const method = hatchFood.methods.find(m => m.id === school)
  if (method?.pulls === 'two') return bestTwo(curve)
  if (method?.pulls !== 'each') return [curve.best.h]
  const until = Math.max(window.lastCallH, window.drawUntilH)
  const times: number[] = []
  for (let h = window.fromH; h <= until; h += BETWEEN_H.drawn) times.push(h)
  return times
}

const BETWEEN_H = { two: 10, drawn: 12 } as const

/** The two pulls, ten hours apart, that bring most yolk together. */
function bestTwo(curve: HatchCurve): number[] {
  const worth = (h: number) => curve.pull(h).useful + curve.pull(h + BETWEEN_H.two, h).useful
  const from = curve.t10h ?? curve.best!.h
  const tried = Array.from({ length: 10 * 24 }, (_, i) => from + i / 10)
  const first = tried.reduce((a, b) => (worth(b) > worth(a) + 1e-12 ? b : a))
  return [first, first + BETWEEN_H.two]
}

export function run(i: z.output<typeof input>): z.input<typeof output> {
  const method = hatchFood.methods.find(m => m.id === i.school)
  const lit = method?.sets.lit === undefined ? i.lit : method.sets.lit > 0
  const decapsulated = i.decapsulated || (method?.sets.decapsulated ?? 0) > 0
  const { curve, factors, nauplii, warnings } = hatch({
    ...i,
    lit,
    decapsulated,
    temperature: i.temperatureC,
  })
  const asked = i.pullsAtH ?? i.pullsAt ?? usualPulls(i.school, curve)
  const at = asked.toSorted((a, b) => a - b)
  const brought = method?.pulls === 'each' ? draws(curve, evenShares(at)) : wholeOf(curve, at)
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
    pulls: brought,
    warnings,
  }
}

/** Each pull takes all that hatched since the one before. */
function wholeOf(curve: HatchCurve, hours: readonly number[]) {
  return hours.map((h, i) => ({ h, ...curve.pull(h, hours[i - 1] ?? 0) }))
}
