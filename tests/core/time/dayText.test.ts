import { describe, expect, it } from 'vitest'
import { dayText, weekdayText } from '@renatus/core/time/dayText'

describe('days as people say them', () => {
  it.each([
    ['2026-03-24', 'Tue 24 Mar', 'Tuesday'],
    ['2026-09-01', 'Tue 1 Sep', 'Tuesday'],
    ['2024-02-29', 'Thu 29 Feb', 'Thursday'],
    ['2027-01-01', 'Fri 1 Jan', 'Friday'],
  ])('%s is %s', (date, day, weekday) => {
    expect(dayText(date)).toBe(day)
    expect(weekdayText(date)).toBe(weekday)
  })
})
