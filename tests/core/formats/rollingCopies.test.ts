import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COPY_STEPS, copyIsDue, rollingCopies } from '@renatus/core/formats/rollingCopies'
import { addHours } from '@renatus/core/time/localDate'

const START = '2024-01-01T00:00:00.000Z'
/** A room that is copied whenever it may be, thinned out each time. */
function lived(hours: number, every: number): string[] {
  let copies: string[] = []
  for (let h = 0; h <= hours; h += every) {
    const now = addHours(START, h)
    if (!copyIsDue(copies, now)) continue
    const kept = rollingCopies([...copies, now])
    copies = [...copies, now].filter(c => kept.has(c))
  }
  return copies
}

describe('snapshots that roll', () => {
  it('two years of hourly copies stay few, with a copy of each of the last hours, days, weeks and months', () => {
    const copies = lived(24 * 730, 1)
    const most = COPY_STEPS.reduce((sum, s) => sum + s.keep, 0)
    expect(copies.length).toBeLessThanOrEqual(most)
    const now = addHours(START, 24 * 730)
    const ages = copies.map(c => (Date.parse(now) - Date.parse(c)) / 3_600_000)
    for (let h = 1; h < 24; h++) expect(ages.some(a => Math.abs(a - h) < 1)).toBe(true)
    for (let d = 1; d < 14; d++)
      expect(ages.some(a => a >= 24 * (d - 1) && a < 24 * (d + 1))).toBe(true)
    expect(Math.max(...ages)).toBeGreaterThan(24 * 600)
  })
  it('thinning twice is thinning once, keeps the newest, and an hour must pass', () => {
    const times = fc.uniqueArray(fc.integer({ min: 0, max: 20_000 }), { minLength: 1 })
    fc.assert(
      fc.property(times, hours => {
        const copies = hours.map(h => addHours(START, h))
        const kept = rollingCopies(copies)
        const newest = addHours(START, Math.max(...hours))
        expect(rollingCopies([...kept])).toEqual(kept)
        expect(kept.has(newest)).toBe(true)
        expect(copyIsDue([...kept], addHours(newest, 0.9))).toBe(false)
        expect(copyIsDue([...kept], addHours(newest, 1))).toBe(true)
        // A clock that was set back does not stop the copies.
        expect(copyIsDue([...kept], addHours(newest, -30))).toBe(true)
      }),
      { seed: 5, numRuns: 100 },
    )
  })
})
