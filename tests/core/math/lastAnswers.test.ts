import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ctmi } from '@renatus/core/math/ctmi'
import { lastAnswers } from '@renatus/core/math/lastAnswers'

describe('lastAnswers', () => {
  it('answers what the function answers, in whatever order it is asked', () => {
    const remembered = lastAnswers(ctmi)
    const t = fc.constantFrom(4, 12, 20, 24, 24.5, 31, 40)
    const cardinal = fc.constantFrom([5, 24, 33], [8, 26, 35], [2, 18, 27])
    const question = fc.tuple(t, cardinal)
    fc.assert(
      fc.property(fc.array(question, { minLength: 1, maxLength: 60 }), asked => {
        for (const [c, [lo, best, hi]] of asked)
          expect(remembered(c, lo, best, hi)).toBe(ctmi(c, lo!, best!, hi!))
      }),
    )
  })
  it('works an answer out once while two questions take turns, and again after a third', () => {
    let worked = 0
    const doubled = lastAnswers(a => {
      worked++
      return 2 * a
    })
    for (const a of [1, 2, 1, 2, 1]) expect(doubled(a)).toBe(2 * a)
    // A miss pushes the older of the two out.
    expect(worked).toBe(2)
    expect([3, 1, 2].map(a => doubled(a))).toEqual([6, 2, 4])
    expect(worked).toBe(5)
  })
})
