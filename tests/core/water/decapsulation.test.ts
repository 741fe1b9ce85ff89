import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chlorinePerMl } from '@renatus/core/water/bleach'
import { decapsulation } from '@renatus/core/water/decapsulation'

describe('taking the shells off', () => {
  it('4 g with fresh bleach of 8.25 % hypochlorite by mass', () => {
    const bleach = { percent: 8.25, as: 'sodium-hypochlorite', by: 'mass', weeksOpen: 0 } as const
    expect(chlorinePerMl(bleach)).toBeCloseTo(0.088, 4)
    const d = decapsulation(4, bleach)
    expect(d).toMatchObject({ status: 'ok', activeChlorineG: 2, hydrateMl: 48, dipMl: 40 })
    expect(d.bleachMl).toBeCloseTo(22.7, 1)
    expect(d.waterMl).toBeCloseTo(33.3, 1)
    expect(d.thiosulphateG).toBeCloseTo(0.04, 9)
  })

  it('10 g with 5 % available chlorine that has been open for 12 weeks', () => {
    const bleach = { percent: 5, as: 'available-chlorine', by: 'mass', weeksOpen: 12 } as const
    expect(chlorinePerMl(bleach)).toBeCloseTo(0.0482, 4)
    const d = decapsulation(10, bleach)
    expect(d.bleachMl).toBeCloseTo(103.7, 1)
    expect(d.waterMl).toBeCloseTo(36.3, 1)
  })

  it('refuses what is too weak, too much at a time, or no household bleach, without an amount', () => {
    const weak = { percent: 3, as: 'available-chlorine', by: 'volume', weeksOpen: 0 } as const
    expect(decapsulation(3, weak)).toMatchObject({ status: 'too-weak', bleachMl: null })
    const usual = { ...weak, percent: 5 }
    expect(decapsulation(25, usual)).toMatchObject({ status: 'too-much', waterMl: null })
    expect(decapsulation(3, { ...weak, percent: 30 })).toMatchObject({ status: 'refused' })
  })

  it('whatever the bottle, the solution is 14 mL and half a gram of chlorine for a gram', () => {
    fc.assert(
      fc.property(
        fc.record({
          percent: fc.double({ min: 1, max: 15, noNaN: true }),
          as: fc.constantFrom('available-chlorine', 'sodium-hypochlorite'),
          by: fc.constantFrom('mass', 'volume'),
          weeksOpen: fc.double({ min: 0, max: 60, noNaN: true }),
        }),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (bleach, grams) => {
          const d = decapsulation(grams, bleach as never)
          if (d.status !== 'ok') return
          expect(d.bleachMl! + d.waterMl!).toBeCloseTo(14 * grams, 6)
          expect(d.bleachMl! * d.gPerMl).toBeCloseTo(0.5 * grams, 6)
          expect(d.waterMl).toBeGreaterThanOrEqual(-1e-9)
        },
      ),
      { seed: 12 },
    )
  })
})
