import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { gramsPerLitre, gramsPerMillilitre, litres } from '@renatus/core/units/quantity'
import { saltFor, saltOf, type Salt } from '@renatus/core/water/salinity'
import { sodaFor } from '@renatus/core/water/soda'

const fine: Salt = { kind: 'fine', gPerMl: gramsPerMillilitre(1.22) }

describe('salt', () => {
  it('weighs litres times target and states specific gravity', () => {
    expect(saltFor(litres(2), gramsPerLitre(26), fine, 'us')).toMatchObject({
      grams: 52,
      sg25: expect.closeTo(1.0182, 6) as number,
    })
    expect(
      saltFor(
        litres(1),
        gramsPerLitre(35),
        { kind: 'sea-mix', gPerMl: gramsPerMillilitre(1.05) },
        'metric',
      ).sg25,
    ).toBeCloseTo(1.0259, 6)
  })

  it('both directions agree: the spoons of a target make the target, less the stated error', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        fc.double({ min: 3, max: 60, noNaN: true }),
        fc.constantFrom('us' as const, 'metric' as const),
        (v, g, measures) => {
          const recipe = saltFor(litres(v), gramsPerLitre(g), fine, measures)
          const back = saltOf(litres(v), fine, recipe.spoons, measures)
          return (
            Math.abs(back.gPerL - (g + recipe.errorGL)) < 1e-6 &&
            Math.abs(back.grams - recipe.spoonGrams) < 1e-6
          )
        },
      ),
      { seed: 5 },
    )
  })

  it('a spoon of one salt is not a spoon of another', () => {
    const coarse: Salt = { kind: 'coarse', gPerMl: gramsPerMillilitre(1.05) }
    const spoons = [{ measure: 'tbsp', count: 2 }]
    expect(
      saltOf(litres(1), fine, spoons).gPerL / saltOf(litres(1), coarse, spoons).gPerL,
    ).toBeCloseTo(1.22 / 1.05, 6)
  })
})

describe('soda', () => {
  it('is asked for in soft or sour water only: half a gram per litre, at most two', () => {
    expect(sodaFor(litres(2), { pH: null, soft: false })).toBeNull()
    expect(sodaFor(litres(2), { pH: 8, soft: false })).toBeNull()
    expect(sodaFor(litres(2), { pH: 7.9, soft: false })).toMatchObject({ firstG: 1, maximumG: 4 })
    expect(sodaFor(litres(2), { pH: null, soft: true })).toMatchObject({ firstG: 1 })
  })
})
