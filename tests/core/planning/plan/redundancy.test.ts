import { describe, expect, it } from 'vitest'
import { lastSafeDays, readyBy } from '@renatus/core/planning/plan/redundancy'

describe('when a vessel is ready', () => {
  it('time helps up to the failures, and the last safe start leaves room for the slow', () => {
    const r = { failure: 0.1, readyDays: 14, readyLogSd: 0.2 }
    expect(readyBy(r, 0)).toBe(0)
    expect(readyBy(r, 14)).toBeCloseTo(0.45, 6)
    expect(readyBy(r, 60)).toBeCloseTo(0.9, 3)
    expect(readyBy(r, lastSafeDays(r))).toBeCloseTo(0.81, 3)
  })
})
