import { foodOf } from '../foods/index'
import type { EntryData } from '../records/entries'
import type { PhototrophParams } from '../dynamics/phototroph/parameters'

export type WaterReading = EntryData<'water.read'>['reading']

/** Depth at which a stick vanishes times what dims the water, cm/m: nine tenths, at arm's length in room light (after Tyler 1968). */
const VANISHES_AT = 90
/** How far a density that was read without a count may be off, log sd, and how far one reading lies from the next. */
export const READING_LOG_SD = { secchi: 0.35, colour: 0.6 } as const
export const READING_NOISE = { secchi: 0.15, colour: 0.15 } as const
/** Thinner than this nothing is read, mg/L. */
const LEAST = 0.05

export type GreenResult =
  | { ok: true; mgPerL: number; perMl: number; low: number; high: number }
  | { ok: false; why: 'too-clear' | 'not-darker' | 'not-green' }

/**
 * Density of green water off a reading: by the depth at which a stick vanishes, (90 / cm - kw) / k,
 * or by how much a lit path dims a white ground, -ln(I / I0) / (k m) (Beer and Lambert).
 * @param factor what this room's counts say against such readings, and how well it is known
 */
export function readGreen(
  foodId: string,
  r: WaterReading,
  factor: { value: number; logSd: number } = { value: 1, logSd: READING_LOG_SD[r.by] },
): GreenResult {
  const food = foodOf(foodId)
  if (food?.profile.family !== 'phototroph') return { ok: false, why: 'not-green' }
  const p = food.parameters as unknown as Record<keyof PhototrophParams, { median: number }>
  const mgPerL =
    r.by === 'secchi'
      ? (VANISHES_AT / r.depthCm - p.kw.median) / p.k.median
      : -Math.log(Math.max(1, r.sample) / r.white) / (p.k.median * (r.pathCm / 100))
  if (mgPerL < LEAST) return { ok: false, why: r.by === 'secchi' ? 'too-clear' : 'not-darker' }
  // mg/L is µg/mL.
  const perMl = (mgPerL * factor.value) / p.cellUg.median
  const sd = Math.hypot(factor.logSd, READING_NOISE[r.by])
  return {
    ok: true,
    mgPerL: mgPerL * factor.value,
    perMl,
    low: perMl * Math.exp(-1.96 * sd),
    high: perMl * Math.exp(1.96 * sd),
  }
}
