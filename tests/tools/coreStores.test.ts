import { describe, expect, it } from 'vitest'
import { demoAt } from '../../tools/rooms/demoAt'
import { call } from './call'

// It may have to be lived first: outside of any test's time.
const room = demoAt('2026-03-24T05:34:00.000Z', 'Europe/Berlin')

describe('headless', () => {
  it('stores: what is left, how long it lasts, what to buy and what it costs', async () => {
    const { out } = await call(['stores'], { room, at: '2026-03-24T05:34:00Z' })
    const { items, shopping, costs } = out as unknown as {
      items: { id: string; unit: string; lastsDays: { p10: number; p50: number } | null }[]
      shopping: { item: string; packs: number; by: string; comes: string }[]
      costs: { perThousandHatched: { cost: number }[]; byBrood: unknown[] }
    }
    expect(items.length).toBeGreaterThan(10)
    expect(items.every(i => !i.lastsDays || i.lastsDays.p10 <= i.lastsDays.p50)).toBe(true)
    const known = new Set(items.map(i => i.id))
    expect(shopping.every(p => known.has(p.item) && p.packs >= 1 && p.by <= p.comes)).toBe(true)
    expect(costs.perThousandHatched[0]!.cost).toBeGreaterThan(0.001)
    expect(costs.perThousandHatched[0]!.cost).toBeLessThan(0.01)
  })

  it('trial: arms against each other, and input that is none', async () => {
    const arms = [
      { id: 'A', values: [5.8, 6.1, 6.4] },
      { id: 'B', values: [7.9, 8.6, 7.4] },
    ]
    const { out } = await call(['trial'], { measure: 'time', arms })
    expect(
      (out as unknown as { differences: { aBetter: number }[] }).differences[0]!.aBetter,
    ).toBeCloseTo(0.924, 3)
    const bad = async (input: object) => (await call(['trial'], input)).error
    expect(await bad({ measure: 'time', arms: arms.slice(1) })).toMatchObject({ path: 'arms' })
    expect(await bad({ measure: 'share', arms })).toMatchObject({ code: 'bad-input' })
    expect(await bad({ measure: 'time', arms: [arms[0], arms[0]] })).toMatchObject({
      message: 'two arms of one name',
    })
  })
})
