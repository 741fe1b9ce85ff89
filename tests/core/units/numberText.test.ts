import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { numberText } from '@renatus/core/units/numberText'

describe('numberText', () => {
  it('writes what the browser writes for the same digits', () => {
    const n = fc.double({ min: -1e9, max: 1e9, noNaN: true })
    fc.assert(
      fc.property(n, fc.integer({ min: 1, max: 6 }), (x, d) => {
        expect(numberText(x)).toBe(x.toLocaleString('en-GB'))
        expect(numberText(x, { decimals: d })).toBe(
          x.toLocaleString('en-GB', { maximumFractionDigits: d }),
        )
        expect(numberText(x, { digits: d })).toBe(
          x.toLocaleString('en-GB', { maximumSignificantDigits: d }),
        )
      }),
    )
  })
})
