import { describe, expect, it } from 'vitest'
import { doseText } from '~/words/dose'

describe('a dose of plant food', () => {
  it('is told as a hand measures it, and what rounding makes of it where that matters', () => {
    expect(doseText({ ok: true, dose: { grams: 1.2, error: 0 } })).toBe('That is 1.2 g of it.')
    expect(doseText({ ok: true, dose: { mL: 5, error: 2 } })).toBe('That is 5 mL of it.')
    expect(doseText({ ok: true, dose: { tabs: 0.25, error: 40 } })).toBe(
      'That is ¼ tab of it, 40 % more than the card asks for.',
    )
    expect(doseText({ ok: true, dose: { tabs: 1.5, error: -8 } })).toBe(
      'That is 1½ tabs of it, 8 % less than the card asks for.',
    )
    expect(doseText({ ok: true, dose: { tabs: 2, error: 0 } })).toBe('That is 2 tabs of it.')
  })
  it('says nothing while the label is not told', () => {
    expect(doseText({ ok: false, lacks: 'nitrogen' })).toBeNull()
  })
})
