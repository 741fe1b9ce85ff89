import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { idTime } from '@renatus/core/records/id'
import { toMs } from '@renatus/core/time/localDate'
import { redated } from '@demo/redated'
import { loftText } from '../../tools/rooms/demoAt'

const DAY_MS = 86_400_000

describe('the weeks of the loft on another day', () => {
  it('keep the hours between all that was written, and its order', () => {
    const loft = JSON.parse(loftText()) as { entries: { id: string; at: string }[] }
    const some = loft.entries.filter((_, i) => i % 40 === 0)
    const day = fc.integer({ min: -100, max: 1500 })
    fc.assert(
      fc.property(day, fc.integer({ min: -14, max: 14 }), (days, hours) => {
        const ms = days * DAY_MS + hours * 3_600_000
        const moved = JSON.parse(redated(JSON.stringify(some), { days, ms })) as typeof some
        for (const [i, e] of moved.entries()) {
          expect(toMs(e.at) - toMs(some[i]!.at)).toBe(ms)
          expect(idTime(e.id) - idTime(some[i]!.id)).toBe(ms)
        }
        expect(moved.map(e => e.id)).toEqual(moved.map(e => e.id).sort())
      }),
      { numRuns: 60 },
    )
  })

  it('dates and keys of rounds move by days, ids by time; words stay', () => {
    const id = '01KMDYHMA1MBSVCYBQT8476XDG'
    const text = JSON.stringify({ on: '2026-03-03', key: '2026-03-02T06:30', id, note: 'Day 3' })
    const moved = JSON.parse(redated(text, { days: 2, ms: 2 * DAY_MS + 3_600_000 }))
    expect(moved).toMatchObject({ on: '2026-03-05', key: '2026-03-04T06:30', note: 'Day 3' })
    expect(idTime(moved.id) - idTime(id)).toBe(2 * DAY_MS + 3_600_000)
    expect(moved.id.slice(10)).toBe(id.slice(10))
  })
})
