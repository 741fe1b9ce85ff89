import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { allocate, keeps, type Batch, type Want } from '@renatus/core/planning/allocate'

const T0 = Date.parse('2026-03-17T06:00:00Z')
const at = (h: number) => new Date(T0 + h * 3_600_000).toISOString()
const batch = fc.record({
  id: fc.uuid(),
  at: fc.integer({ min: 0, max: 72 }).map(at),
  useful: fc.integer({ min: 0, max: 1000 }),
  holdH: fc.constantFrom(12, 24, Infinity),
})
const want = fc.record({
  key: fc.uuid(),
  at: fc.integer({ min: 0, max: 72 }).map(at),
  useful: fc.integer({ min: 1, max: 1000 }),
})

describe('allocate', () => {
  it('gives no more than there is, nothing before its time or after its hold', () => {
    fc.assert(
      fc.property(
        fc.array(want, { maxLength: 6 }),
        fc.array(batch, { maxLength: 5 }),
        (wants: Want[], batches: Batch[]) => {
          const lacking = allocate(wants, batches)
          const given = wants.reduce((s, w) => s + w.useful - lacking.get(w.key)!, 0)
          const reachable = wants.every(w => {
            const usable = batches.some(
              b =>
                Date.parse(b.at) <= Date.parse(w.at) &&
                keeps(b, (Date.parse(w.at) - Date.parse(b.at)) / 3_600_000) > 0,
            )
            return usable || lacking.get(w.key) === w.useful
          })
          return (
            reachable &&
            given <= batches.reduce((s, b) => s + b.useful, 0) + 1e-6 &&
            [...lacking.values()].every(l => l >= 0)
          )
        },
      ),
      { seed: 21 },
    )
  })

  it('uses first what spoils first', () => {
    const batches: Batch[] = [
      { id: 'cubes', at: at(0), useful: 100, holdH: Infinity },
      { id: 'fridge', at: at(0), useful: 100, holdH: 24 },
    ]
    const lacking = allocate(
      [
        { key: 'a', at: at(6), useful: 90 },
        { key: 'b', at: at(48), useful: 90 },
      ],
      batches,
    )
    expect(lacking.get('a')).toBe(0)
    expect(lacking.get('b')).toBe(0)
  })

  it('for one batch and meals in a row it covers as many as brute force does', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 100 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 300 }),
        (needs, useful) => {
          const wants = needs.map((n, i): Want => ({ key: String(i), at: at(i), useful: n }))
          const lacking = allocate(wants, [{ id: 'x', at: at(0), useful, holdH: Infinity }])
          let left = useful
          return needs.every((n, i) => {
            const give = Math.min(n, left)
            left -= give
            return Math.abs(lacking.get(String(i))! - (n - give)) < 1e-9
          })
        },
      ),
      { seed: 22 },
    )
  })
})
