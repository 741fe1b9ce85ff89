import { describe, expect, it } from 'vitest'
import { foodLearned, growthLearned, lotLearned, toolLearned } from '~/words/learned'

const value = (value: number, low: number, high: number, from: number, book = 1) => ({
  value,
  low,
  high,
  from,
  book,
})
const food = { growth: null, lag: null, capacity: null, failure: null, priors: {} }

describe('what was learned, in words', () => {
  it('says how far a room is from the book, and how surely', () => {
    expect(foodLearned({ ...food, growth: value(0.8, 0.7, 0.92, 6) }, 'culture')).toEqual([
      '20 % slower than the book says (8 to 30 %), from 6 cultures',
    ])
    expect(foodLearned({ ...food, growth: value(1.1, 0.95, 1.3, 1) }, 'culture')).toEqual([
      '10 % faster than the book says (up to 30 %, or not at all), from 1 culture',
    ])
    expect(foodLearned({ ...food, growth: value(1.01, 0.9, 1.1, 9) }, 'culture')).toEqual([
      'as fast as the book says, within 10 %, from 9 cultures',
    ])
    expect(foodLearned({ ...food, failure: value(0.04, 0, 0.08, 40, 0.1) }, 'culture')).toEqual([
      '4 % fail where the book says 10 %, from 40 vessels',
    ])
  })
  it('says how fast things grow here once two foods tell', () => {
    expect(growthLearned(value(0.88, 0.8, 0.97, 3))).toEqual([
      '12 % slower than the book says (3 to 20 %), from 3 foods; what was never kept here is reckoned so too',
    ])
    expect(growthLearned(value(0.88, 0.8, 0.97, 1))).toEqual([])
    expect(growthLearned(null)).toEqual([])
  })
  it('names tin, ruler and scale', () => {
    const lot = {
      hatch: value(0.69, 0.62, 0.77, 20, 0.85),
      speed: value(1.05, 1.02, 1.08, 20),
      spread: value(0.171, 0.16, 0.18, 20, 0.17),
      naupliiUm: value(452, 440, 463, 8, 486),
    }
    expect(lotLearned(lot)).toEqual([
      'hatches 69 % (62 to 77 %) where the tin says 85 %, from 20 counted bottles',
      '5 % faster than a usual tin is (2 to 8 %)',
      'its hatch is spread as that of a usual tin, within 6 %',
      'nauplii 452 µm long (440 to 463), from 8 measured',
    ])
    expect(toolLearned(value(0.0329, 0.03, 0.036, 1, 0.05))).toEqual([
      '0.0329 mL (0.03 to 0.036) where 0.05 mL is printed or taken for it, from 1 weighing',
    ])
  })
})
