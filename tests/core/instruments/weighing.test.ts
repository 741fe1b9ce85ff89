import { expect, it } from 'vitest'
import { spoonMl, weighing } from '@renatus/core/instruments/weighing'

it('what is missing, what is too much, and when it is enough', () => {
  expect(weighing(2, 1.5)).toEqual({ missingG: 0.5, enough: false })
  expect(weighing(2, 1.97)).toMatchObject({ enough: true })
  expect(weighing(2, 2.3)).toMatchObject({ missingG: expect.closeTo(-0.3, 9), enough: false })
  expect(weighing(0.1, 0.11)).toMatchObject({ enough: true })
  // Four level spoons of a powder of 1.2 g/mL weighed 24 g: 5 mL each.
  expect(spoonMl(24, 4, 1.2)).toBeCloseTo(5, 9)
})
