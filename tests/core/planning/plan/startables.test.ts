import { describe, expect, it } from 'vitest'
import { foodOf } from '@renatus/core/foods/index'
import { coursesOf, reliabilityOf } from '@renatus/core/planning/plan/startables'
import { NOTHING_LEARNED, taughtFactors, type Learned } from '@renatus/core/stock/learned'

const food = foodOf('microworm')!
const method = food.methods[0]!
const taught = (logShift: number): Pick<Learned, 'foods'> => ({
  foods: {
    microworm: {
      growth: null,
      lag: null,
      capacity: null,
      failure: null,
      priors: { rOpt: { logShift, logSd: 0.3 }, failure: { logShift: 1, logSd: 0 } },
    },
  },
})
const readyDays = (logShift: number) => {
  const state = { learned: { ...NOTHING_LEARNED, ...taught(logShift) } }
  const courses = coursesOf(state, food, method, { litres: 1, temperatureC: 23 }, 40)
  return reliabilityOf(state as never, food, method, courses).readyDays
}

describe('a start that is planned', () => {
  it('is ready later where the room has taught that its food grows slower, sooner where faster', () => {
    const book = readyDays(0)
    expect(readyDays(-0.4)).toBeGreaterThan(book * 1.2)
    expect(readyDays(0.4)).toBeLessThan(book)
  })
  it('goes by what was taught in steps, and takes failures from their own tally', () => {
    expect(taughtFactors(NOTHING_LEARNED, foodOf('microworm')!)).toEqual({})
    const factors = (shift: number) =>
      taughtFactors({ ...NOTHING_LEARNED, ...taught(shift) }, foodOf('microworm')!)
    expect(factors(-0.21)).toEqual({ rOpt: Math.exp(-0.2) })
    expect(factors(0.02)).toEqual({})
    // Light at home is mostly less than the book's.
    expect(taughtFactors(NOTHING_LEARNED, foodOf('green-water')!)).toEqual({
      muMax: Math.exp(-0.2),
    })
  })
})
