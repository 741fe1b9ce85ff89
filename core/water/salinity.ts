import type { GramsPerLitre, GramsPerMillilitre, Litres } from '../units/quantity'
import { measureMl, type MeasureSystem, type SpoonCount } from '../units/kitchenMeasures'
import { toSpoons } from '../units/toSpoons'

/** Salt as it comes from the bag. `own` is weighed by the user. */
export type SaltKind = 'fine' | 'coarse' | 'sea-mix' | 'own'
export interface Salt {
  kind: SaltKind
  gPerMl: GramsPerMillilitre
}

/** Loose bulk density, g/mL (food composition tables; a spoon of one salt weighs far more than of another). */
export const SALT_DENSITY = { 'fine': 1.22, 'coarse': 1.05, 'sea-mix': 1.05 } as const

/** Rise of specific gravity (25/25 C) per g/L put in. */
export const SG_PER_GL: Record<SaltKind, number> = {
  'fine': 0.0007,
  'coarse': 0.0007,
  'own': 0.0007,
  'sea-mix': 0.00074,
}

/** Salt in the hatch bottle, g/L: best, and the range in which the hatch does not suffer (Lavens & Sorgeloos 1996). */
export const HATCH_SALT = { bestGL: 25, lowGL: 15, highGL: 35 } as const

/** Specific gravity at 25/25 C of a brine of so many grams per litre of water put in. */
export const specificGravity = (gPerL: number, kind: SaltKind) => 1 + SG_PER_GL[kind] * gPerL

export interface SaltRecipe {
  grams: number
  sg25: number
  spoons: SpoonCount[]
  /** What the spoons weigh. */
  spoonGrams: number
  /** By how much the spoons miss the target, g/L; positive is too salty. */
  errorGL: number
}

/** Target to spoons: what to put into so many litres of water. */
export function saltFor(
  volumeL: Litres,
  targetGL: GramsPerLitre,
  salt: Salt,
  measures: MeasureSystem,
): SaltRecipe {
  const grams = volumeL * targetGL
  const { spoons, ml } = toSpoons(grams / salt.gPerMl, measures)
  const spoonGrams = ml * salt.gPerMl
  return {
    grams,
    sg25: specificGravity(targetGL, salt.kind),
    spoons,
    spoonGrams,
    errorGL: (spoonGrams - grams) / volumeL,
  }
}

/** Recipe to g/L: what somebody's spoons make. Unknown measures are a bug here; the border refuses them. */
export function saltOf(
  volumeL: Litres,
  salt: Salt,
  spoons: readonly SpoonCount[],
  measures: MeasureSystem = 'us',
) {
  const ml = spoons.reduce((sum, s) => {
    const each = measureMl(s.measure, measures)
    if (each === null) throw new Error(`unknown measure ${s.measure}`)
    return sum + each * s.count
  }, 0)
  const grams = ml * salt.gPerMl
  const gPerL = grams / volumeL
  return { grams, gPerL, sg25: specificGravity(gPerL, salt.kind) }
}
