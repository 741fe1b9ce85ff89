import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dayShares, SHARE_FROM, SUITABLE, type DaySuitability } from '@renatus/core/fry/shares'

const size = { id: 'usual', name: '', lengthUm: 1, widthUm: 1, dryUg: 1 }
const of = (value: number, fit = Math.max(value, 0.3)): DaySuitability[string] => ({
  value,
  worth: value,
  bound: 1,
  swallows: 1,
  fit,
  zone: 1,
  nutrition: 1,
  survival: 1,
  size,
})
const day = (values: Record<string, number>): DaySuitability =>
  Object.fromEntries(Object.entries(values).map(([k, v]) => [k, of(v)]))
const plain = (days: DaySuitability[]) => dayShares(days, 0, [], [])

/** The rule in the plainest words: best three above the threshold, squared, five-day mean over what fits, normalised. */
function byHand(days: DaySuitability[]): Record<string, number>[] {
  const raw = days.map(d => {
    const best = Object.entries(d)
      .filter(([, s]) => s.value > SHARE_FROM)
      .sort((a, b) => b[1].value - a[1].value || (a[0] < b[0] ? -1 : 1))
      .slice(0, 3)
    const sum = best.reduce((x, [, s]) => x + (s.value - SHARE_FROM) ** 2, 0)
    return Object.fromEntries(best.map(([id, s]) => [id, (s.value - SHARE_FROM) ** 2 / sum]))
  })
  return days.map((d, i) => {
    if (!Object.values(d).some(s => s.value >= SUITABLE))
      return Object.fromEntries(Object.keys(d).map(id => [id, 0]))
    const mean: Record<string, number> = {}
    for (const id of Object.keys(d)) {
      mean[id] = 0
      if (d[id]!.fit < 0.3) continue
      for (let j = i - 2; j <= i + 2; j++) mean[id]! += raw[j]?.[id] ?? 0
    }
    const sum = Object.values(mean).reduce((a, b) => a + b, 0)
    return Object.fromEntries(Object.entries(mean).map(([id, v]) => [id, v / sum]))
  })
}

describe('shares of a day', () => {
  it('agree with the rule worked out by hand, on any course of suitabilities', () => {
    const anyDay = fc.record({
      a: fc.double({ min: 0, max: 1, noNaN: true }),
      b: fc.double({ min: 0, max: 1, noNaN: true }),
      c: fc.double({ min: 0, max: 1, noNaN: true }),
      d: fc.double({ min: 0, max: 1, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(anyDay, { minLength: 1, maxLength: 12 }), list => {
        const days = list.map(day)
        const hand = byHand(days)
        plain(days).forEach((d, i) => {
          for (const id of Object.keys(d.share)) expect(d.share[id]).toBeCloseTo(hand[i]![id]!, 9)
        })
      }),
      { seed: 17, numRuns: 200 },
    )
  })
  it('only the best three count, by the square of what they have above a quarter', () => {
    expect(plain([day({ a: 0.75, b: 0.5, c: 0.26, d: 0.255 })])[0]!.share).toEqual({
      a: expect.closeTo(0.25 / (0.25 + 0.0625 + 0.0001), 6),
      b: expect.closeTo(0.0625 / 0.3126, 4),
      c: expect.closeTo(0.0001 / 0.3126, 4),
      d: 0,
    })
  })
  it('a food that does not fit on a day gets nothing of it, though its neighbours do', () => {
    const days = [
      day({ a: 0.6, b: 0.5 }),
      { a: of(0.6), b: { ...of(0.2), fit: 0.2 } },
      day({ a: 0.6, b: 0.5 }),
    ]
    expect(plain(days)[1]!.share.b).toBe(0)
    expect(plain(days)[0]!.share.b).toBeGreaterThan(0)
  })
  it('a gap gives nobody anything, also next to good days', () => {
    const shares = plain([day({ a: 0.6 }), day({ a: 0.28 }), day({ a: 0.6 })])
    expect(shares.map(s => [s.gap, s.share.a])).toEqual([
      [false, 1],
      [true, 0],
      [false, 1],
    ])
  })
  it('pins come first, two pins above the whole are scaled, and a pin alone bridges', () => {
    const pins = [{ food: 'a', share: 0.4, fromDay: 0, toDay: 0 }]
    expect(dayShares([day({ a: 0.5, b: 0.6 })], 0, [], pins)[0]!.share).toEqual({
      a: 0.4,
      b: expect.closeTo(0.6, 9),
    })
    const two = [
      { food: 'a', share: 0.9, fromDay: 0, toDay: 9 },
      { food: 'b', share: 0.9, fromDay: 0, toDay: 9 },
    ]
    expect(dayShares([{ a: of(0.9), b: of(0.9), c: of(0.9) }], 0, [], two)[0]!.share).toEqual({
      a: 0.5,
      b: 0.5,
      c: 0,
    })
    expect(dayShares([{ a: of(0.1, 0.5) }], 0, [], pins)[0]).toMatchObject({
      gap: false,
      bridged: true,
      share: { a: 1 },
    })
    expect(dayShares([{ a: of(0.1, 0.5) }], 5, [], pins)[0]).toMatchObject({ gap: true })
  })
})
