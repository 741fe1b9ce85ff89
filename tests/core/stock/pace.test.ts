import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Entry } from '@renatus/core/records/entries'
import { paceOf } from '@renatus/core/stock/pace'
import { addDays, addHours } from '@renatus/core/time/localDate'
import { log } from '../room'

const FIRST = '2026-03-01'
const AFTER = '2026-03-28'

/** A round of a day: so many minutes reckoned for each stop, and so many from tap to tap. */
function round(day: number, reckoned: number[], took: number[], how: 'done' | 'not-now' = 'done') {
  const date = addDays(FIRST, day)
  const roundKey = `${date}T06:30`
  let at = `${date}T05:30:00.000Z`
  return reckoned.map((minutes, i): Entry => {
    at = addHours(at, (took[i] ?? 0) / 60)
    return log(at, 'stop.answered', { key: `tank:t${i}:${roundKey}`, roundKey, how, minutes })
  })
}
const same = (n: number, x: number) => new Array<number>(n).fill(x)
const days = (n: number, of: (day: number) => Entry[]) =>
  Array.from({ length: n }, (_, d) => of(d)).flat()

describe('the pace of a room', () => {
  it('is as reckoned where nobody has worked a round, and for rounds of a few stops', () => {
    expect(paceOf([], AFTER)).toEqual({ factor: 1, rounds: 0 })
    expect(paceOf(round(0, same(3, 2), same(3, 8)), AFTER)).toEqual({ factor: 1, rounds: 0 })
  })

  it('comes to what is really taken as rounds are worked, and is careful at first', () => {
    const slow = (n: number) => days(n, d => round(d, same(8, 2), same(8, 3)))
    expect(paceOf(slow(1), AFTER).factor).toBeCloseTo(1.1, 6)
    expect(paceOf(slow(20), AFTER)).toEqual({ factor: expect.closeTo(1.4, 6), rounds: 20 })
    const quick = days(20, d => round(d, same(8, 2), same(8, 1)))
    expect(paceOf(quick, AFTER).factor).toBeCloseTo(0.5, 1)
  })

  it('is not moved by a breakfast, a round tapped through at a table, or what was put off', () => {
    const slow = (d: number) => round(d, same(8, 2), same(8, 3))
    const odd = [
      ...round(12, same(8, 2), [0, 3, 3, 3, 95, 3, 3, 3]),
      ...round(13, same(8, 2), same(8, 0.05)),
      ...round(14, same(8, 2), same(8, 12), 'not-now'),
    ]
    const { factor } = paceOf(days(12, slow), AFTER)
    expect(paceOf([...days(12, slow), ...odd], AFTER).factor).toBeCloseTo(factor, 6)
  })

  it('does not change while a round is worked through', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 15, noNaN: true }), { minLength: 4, maxLength: 12 }),
        took => {
          const before = days(6, d => round(d, same(8, 2), same(8, 3)))
          const now = round(6, same(took.length, 2), took)
          const key = now[0]!.data as { roundKey: string }
          expect(paceOf([...before, ...now], key.roundKey)).toEqual(paceOf(before, key.roundKey))
        },
      ),
      { seed: 33 },
    )
  })
})
