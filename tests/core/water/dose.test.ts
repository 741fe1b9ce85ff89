import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { doseOf, type DoseProduct, type DoseWant } from '@renatus/core/water/dose'
import { litres } from '@renatus/core/units/quantity'

const of = (l: number, want: DoseWant, product: DoseProduct) => {
  const found = doseOf(litres(l), want, product)
  if (!found.ok) throw new Error(found.lacks)
  return found.dose
}

describe('what of a plant food goes in', () => {
  it('by its label: 12 mg of nitrogen a litre in 10 L is 1.2 g of ten per cent', () => {
    const want = { nitrogenMgL: 12 }
    expect(of(10, want, { form: 'powder', nitrogenPercent: 10 })).toEqual({ grams: 1.2, error: 0 })
    expect(of(10, want, { form: 'liquid', nitrogenPercent: 2.4, densityGPerMl: 1 })).toEqual({
      mL: 5,
      error: 0,
    })
    const tabs = of(10, want, { form: 'tab', nitrogenPercent: 8, tabG: 1.3 })
    expect(tabs.tabs).toBe(1.25)
    expect(tabs.error).toBeCloseTo((1.25 * 1.3 * 80) / 120 / 0.01 - 100, 6)
    expect(of(2, { mlPerL: 1 }, { form: 'liquid' })).toEqual({ mL: 2, error: 0 })
  })
  it('says what the label lacks', () => {
    const lacks = (want: DoseWant, product: DoseProduct) => {
      const found = doseOf(litres(5), want, product)
      return found.ok ? null : found.lacks
    }
    expect(lacks({ nitrogenMgL: 10 }, { form: 'powder' })).toBe('nitrogen')
    expect(lacks({ nitrogenMgL: 10 }, { form: 'tab', nitrogenPercent: 8 })).toBe('tab')
    expect(lacks({ mlPerL: 1 }, { form: 'tab' })).toBe('liquid')
  })
  it('is what was wanted but for the rounding it tells', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 50, noNaN: true }),
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.constantFrom('powder' as const, 'liquid' as const, 'tab' as const),
        (l, nitrogenMgL, nitrogenPercent, form) => {
          const d = of(l, { nitrogenMgL }, { form, nitrogenPercent, densityGPerMl: 1.1, tabG: 2 })
          const given = d.grams ?? (d.mL === undefined ? (d.tabs ?? 0) * 2 : d.mL * 1.1)
          const wanted = (l * nitrogenMgL) / 10 / nitrogenPercent
          expect(given).toBeGreaterThan(0)
          expect(given / wanted - 1).toBeCloseTo(d.error / 100, 5)
        },
      ),
      { numRuns: 60, seed: 5 },
    )
  })
})
