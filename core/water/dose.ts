import type { Litres } from '../units/quantity'

export const DOSE_FORMS = ['powder', 'liquid', 'tab'] as const
export type DoseForm = (typeof DOSE_FORMS)[number]

/** What is wanted in the water: nitrogen, or so much of a liquid on a litre. */
export type DoseWant = { nitrogenMgL: number } | { mlPerL: number }

/** What the label says. */
export interface DoseProduct {
  form: DoseForm
  /** Nitrogen in it, percent by mass. */
  nitrogenPercent?: number
  /** Of a liquid, g/mL; as water where the label says nothing. */
  densityGPerMl?: number
  /** Mass of a tab, g. */
  tabG?: number
}

export interface Dose {
  grams?: number
  mL?: number
  tabs?: number
  /** What rounding to a scale, a syringe or a quarter of a tab makes of it, percent. */
  error: number
}
export type DoseResult =
  { ok: true; dose: Dose } | { ok: false; lacks: 'nitrogen' | 'tab' | 'liquid' }

/** Steps in which a scale, a syringe and a hand measure: the finer below a bound. */
const GRAMS = { below: 1, fine: 0.01, coarse: 0.1 } as const
const ML = { below: 5, fine: 0.1, coarse: 0.5 } as const
const QUARTER = 0.25
const tidy = (x: number) => Number(x.toPrecision(9))

const stepOf = (x: number, s: typeof GRAMS | typeof ML) => (x < s.below ? s.fine : s.coarse)
const rounded = (x: number, step: number) => tidy(Math.max(step, Math.round(x / step) * step))
const off = (given: number, wanted: number) => tidy((given / wanted - 1) * 100)

function inMl(ml: number): DoseResult {
  const mL = rounded(ml, stepOf(ml, ML))
  return { ok: true, dose: { mL, error: off(mL, ml) } }
}

/**
 * What of a plant food goes into a vessel, by what its label says.
 * @param want nitrogen in mg/L, or mL on a litre of a liquid medium
 */
export function doseOf(volumeL: Litres, want: DoseWant, product: DoseProduct): DoseResult {
  if ('mlPerL' in want)
    return product.form === 'liquid' ? inMl(volumeL * want.mlPerL) : { ok: false, lacks: 'liquid' }
  const { nitrogenPercent, form, densityGPerMl = 1, tabG } = product
  if (!nitrogenPercent) return { ok: false, lacks: 'nitrogen' }
  const wantedG = (volumeL * want.nitrogenMgL) / 10 / nitrogenPercent
  if (form === 'liquid') return inMl(wantedG / densityGPerMl)
  if (form === 'powder') {
    const grams = rounded(wantedG, stepOf(wantedG, GRAMS))
    return { ok: true, dose: { grams, error: off(grams, wantedG) } }
  }
  if (!tabG) return { ok: false, lacks: 'tab' }
  const tabs = rounded(wantedG / tabG, QUARTER)
  return { ok: true, dose: { tabs, error: off(tabs * tabG, wantedG) } }
}
