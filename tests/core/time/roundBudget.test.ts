import { describe, expect, it } from 'vitest'
import { minutesThere } from '@renatus/core/planning/plan/labour'
import { budgetOf } from '@renatus/core/time/roundBudget'
import { weekdayOf } from '@renatus/core/time/weekday'

const TUESDAY = '2026-03-24'
const SUNDAY = '2026-03-29'
const none = [null, null, null, null, null, null]

describe('minutes of a round', () => {
  it('are thirty, ten for feeding alone, or what the room says, on every day or on some', () => {
    expect(budgetOf(undefined, TUESDAY)).toBe(30)
    expect(budgetOf({ feedingOnly: true }, TUESDAY)).toBe(10)
    expect(budgetOf({ minutes: 0 }, TUESDAY)).toBe(0)
    const sundays = { minutes: 20, minutesByDay: [...none, 90] }
    expect(budgetOf(sundays, TUESDAY)).toBe(20)
    expect(budgetOf(sundays, SUNDAY)).toBe(90)
    expect(budgetOf({ minutesByDay: [null, 0, ...none.slice(1)] }, TUESDAY)).toBe(0)
  })

  it('are planned by the day', () => {
    expect(weekdayOf(TUESDAY)).toBe(1)
    expect(weekdayOf(SUNDAY)).toBe(6)
    const rounds = [
      { name: 'Morning', at: '06:30', minutes: 20, minutesByDay: [...none, 90] },
      { name: 'Noon', at: '12:00', feedingOnly: true },
    ]
    expect(minutesThere(rounds, TUESDAY, 7)).toEqual([30, 30, 30, 30, 30, 100, 30])
  })
})
