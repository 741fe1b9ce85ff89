import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { wallClock } from '@renatus/core/time/zone'
import { redated } from '../../demo/redated'

const from = { today: '2026-03-10', timeZone: 'Europe/Berlin' }

describe('the weeks of the loft on another day', () => {
  it('every instant shows the time on the wall that it showed, so many days later', () => {
    const minutes = fc.integer({ min: 0, max: 90 * 24 * 60 })
    fc.assert(
      fc.property(
        minutes,
        fc.constantFrom('UTC', 'America/New_York', 'Asia/Kolkata'),
        (m, timeZone) => {
          const ms = Date.parse('2025-12-20T00:00:00Z') + m * 60_000
          const text = redated(new Date(ms).toISOString(), from, { today: '2026-07-10', timeZone })
          // Hours that a change of the clocks skips or repeats are moved by one.
          const shown = Date.parse(wallClock(Date.parse(text), timeZone))
          const was = Date.parse(wallClock(ms, from.timeZone)) + 122 * 86_400_000
          expect(Math.abs(shown - was)).toBeLessThanOrEqual(3_600_000)
          if (timeZone === 'Asia/Kolkata') expect(shown).toBe(was)
        },
      ),
    )
  })

  it('dates keep their distance from today; other words stay', () => {
    const to = { today: '2026-03-12', timeZone: 'Europe/Berlin' }
    expect(redated('on 2026-02-27, 18:00 of 2026-03-01', from, to)).toBe(
      'on 2026-03-01, 18:00 of 2026-03-03',
    )
  })
})
