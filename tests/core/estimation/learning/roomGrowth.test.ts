import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  handedOn,
  roomGrowth,
  type GrowthEvidence,
} from '@renatus/core/estimation/learning/roomGrowth'

const told = (food: string, ...means: number[]): GrowthEvidence => ({
  food,
  vessels: means.map(mean => ({ mean, precision: 20 })),
})

describe('growth that all foods of a room share', () => {
  it('is the book where nothing was seen, or where only the food itself tells', () => {
    expect(roomGrowth([])).toMatchObject({ mean: 0, from: 0 })
    expect(roomGrowth([told('moina')]).from).toBe(0)
    expect(handedOn(roomGrowth([told('moina', -0.4, -0.4)], 'moina'))).toBe(0)
  })
  it('goes further with each food that tells the same, and one food alone is believed by half at most', () => {
    const slow = ['moina', 'microworm', 'infusoria', 'rotifer'].map(f => told(f, -0.3, -0.3))
    const after = (n: number) => roomGrowth(slow.slice(0, n)).mean
    for (const n of [1, 2, 3]) expect(after(n + 1)).toBeLessThan(after(n) - 0.01)
    expect(after(4)).toBeLessThan(-0.12)
    const crowd = roomGrowth([told('moina', ...Array<number>(30).fill(-0.3))]).mean
    expect(crowd).toBeGreaterThanOrEqual(-0.15)
  })
  it('lies between the book and what was told, and is surer with more', () => {
    const means = fc.array(fc.double({ min: -1, max: 1, noNaN: true }), {
      minLength: 1,
      maxLength: 6,
    })
    fc.assert(
      fc.property(fc.array(means, { minLength: 1, maxLength: 6 }), all => {
        const foods = all.map((m, i) => told(`food ${i}`, ...m))
        const { mean, sd } = roomGrowth(foods)
        expect(mean).toBeGreaterThanOrEqual(Math.min(0, ...all.flat()) - 1e-9)
        expect(mean).toBeLessThanOrEqual(Math.max(0, ...all.flat()) + 1e-9)
        expect(sd).toBeLessThan(roomGrowth(foods.slice(1)).sd)
      }),
    )
  })
})
