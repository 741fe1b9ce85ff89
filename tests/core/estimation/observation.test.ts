import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  countLikelihood,
  gradeChance,
  refusalLikelihood,
  yieldLikelihood,
} from '@renatus/core/estimation/observation'

describe('an observation', () => {
  it('grades share out the whole of chance, and the expected one is likeliest', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        (mean, sd) => {
          const chances = [0, 1, 2, 3].map(g => gradeChance(g, mean, sd))
          expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 2)
          expect(chances.indexOf(Math.max(...chances))).toBe(
            Math.max(0, Math.min(3, Math.round(mean))),
          )
          expect(Math.min(...chances)).toBeGreaterThan(0)
        },
      ),
      { seed: 51 },
    )
  })
  it('a count is likeliest where it was made, and no count, however large, breaks the sum', () => {
    expect(countLikelihood(40, 0.5, 80)).toBeGreaterThan(countLikelihood(40, 0.5, 160))
    expect(Number.isFinite(countLikelihood(1e9, 0.5, 80))).toBe(true)
  })
  it('words of a harvest share out chance; a refusal speaks for little, but not for how little', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 20, noNaN: true }), ratio => {
        const chances = (['good', 'thin', 'failed'] as const).map(g =>
          Math.exp(yieldLikelihood(g, ratio)),
        )
        expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6)
      }),
      { seed: 52 },
    )
    expect(yieldLikelihood('good', 2)).toBeGreaterThan(yieldLikelihood('thin', 2))
    expect(yieldLikelihood('failed', 0.05)).toBeGreaterThan(yieldLikelihood('thin', 0.05))
    expect(refusalLikelihood(0.05)).toBeCloseTo(refusalLikelihood(0.2), 1)
    expect(refusalLikelihood(0.2)).toBeGreaterThan(refusalLikelihood(2) + 1)
  })
})
