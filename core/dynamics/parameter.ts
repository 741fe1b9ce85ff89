import type { RandomStream } from '../math/random'

export type Confidence = 'high' | 'medium' | 'low'

/** A model parameter: log-normal around its median; `logSd` 0 for what is fixed. */
export interface Parameter {
  median: number
  logSd: number
  unit: string
  source: string
  confidence: Confidence
  range?: readonly [lo: number, hi: number]
  /** Log spread between rooms that have taught nothing yet, where `logSd` does not give it (subject). */
  roomLogSd?: number
  /** Log shift by which such rooms mostly lie off the book; none where nothing is said. */
  roomLogShift?: number
}
export type ParameterSet<P> = { readonly [K in keyof P]: Parameter }

/** Usual log spreads: rates 0.15, capacity 0.4, starter 0.5; cardinal temperatures are fixed. */
export const SPREAD = { rate: 0.15, capacity: 0.4, starter: 0.5, fixed: 0 } as const
export const FITTED = 'household fit to literature ranges, working estimate'

export const parameter = (
  median: number,
  logSd: number,
  unit: string,
  source = FITTED,
  confidence: Confidence = 'low',
): Parameter => ({ median, logSd, unit, source, confidence })

/** Plain numbers of a set: the medians, or one draw. */
export function draw<P>(set: ParameterSet<P>, chance: RandomStream | null): P {
  const values = {} as { [K in keyof P]: number }
  for (const key of Object.keys(set) as (keyof P)[]) {
    const p = set[key]
    values[key] =
      chance === null || p.logSd === 0 ? p.median : p.median * Math.exp(chance.normal(0, p.logSd))
  }
  return values as P
}

/** Medians of a set with factors of a method on some of them. */
export function withFactors<P>(
  set: ParameterSet<P>,
  factors: Partial<Record<keyof P, number>>,
): ParameterSet<P> {
  const out = { ...set } as { [K in keyof P]: Parameter }
  for (const key of Object.keys(factors) as (keyof P)[])
    out[key] = { ...out[key], median: out[key].median * factors[key]! }
  return out
}
