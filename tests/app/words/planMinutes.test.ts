import { expect, it } from 'vitest'
import { shortMinutes } from '~/words/planMinutes'

it('says what a plan does without where the minutes do not reach', () => {
  expect(shortMinutes({ there: 40, taken: 40.2 })).toBeNull()
  expect(shortMinutes({ there: 0, taken: 1 })).toBe(
    'Meals, hatches and what stands take about 1 minute a day; the rounds have no minutes. Only what hunger asks for is started.',
  )
  expect(shortMinutes({ there: 20, taken: 34 })).toContain(
    '34 minutes a day; the rounds have 20 minutes.',
  )
})
