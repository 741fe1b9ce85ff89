import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bracket } from '@renatus/core/math/bracket'
import { compare } from '@renatus/core/math/compare'

describe('brackets and order', () => {
  it('a number falls under the first limit that it stays below', () => {
    const steps = [
      [2, 'few'],
      [10, 'some'],
    ] as const
    expect([1.9, 2, 9.99, 10, 1e9].map(n => bracket(n, steps, 'many'))).toEqual([
      'few',
      'some',
      'some',
      'many',
      'many',
    ])
  })
  it('compare sorts as numbers and texts are ordered, and is antisymmetric', () => {
    fc.assert(
      fc.property(fc.array(fc.string()), list => {
        const sorted = [...list].sort(compare)
        for (let i = 1; i < sorted.length; i++) expect(sorted[i - 1]! <= sorted[i]!).toBe(true)
      }),
      { seed: 7 },
    )
    fc.assert(
      fc.property(fc.integer(), fc.integer(), (a, b) => compare(a, b) + compare(b, a) === 0),
      { seed: 7 },
    )
  })
})
