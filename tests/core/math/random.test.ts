import { describe, expect, it } from 'vitest'
import { randomStream } from '@renatus/core/math/random'

describe('a seeded stream', () => {
  it('is the same for the same seed', () => {
    const draws = (seed: number) => Array.from({ length: 20 }, randomStream(seed).next)
    expect(draws(5)).toEqual(draws(5))
    expect(draws(5)).not.toEqual(draws(6))
  })
  it('neighbouring seeds are unrelated, from the first draw on', () => {
    for (const nth of [0, 1, 2, 5]) {
      const draws = Array.from({ length: 4000 }, (_, seed) => {
        const stream = randomStream(seed)
        for (let i = 0; i < nth; i++) stream.next()
        return stream.next()
      })
      const mean = draws.reduce((a, b) => a + b, 0) / draws.length
      const variance = draws.reduce((s, x) => s + (x - mean) ** 2, 0) / draws.length
      const lag =
        draws.slice(1).reduce((s, x, i) => s + (x - mean) * (draws[i]! - mean), 0) /
        draws.length /
        variance
      expect(mean).toBeCloseTo(0.5, 1)
      expect(Math.abs(mean - 0.5)).toBeLessThan(0.02)
      expect(variance).toBeCloseTo(1 / 12, 2)
      expect(Math.abs(lag)).toBeLessThan(0.05)
    }
  })
  it('normals have the mean and spread asked for, integers stay inside their bounds', () => {
    const stream = randomStream(3)
    const normals = Array.from({ length: 20_000 }, () => stream.normal(5, 2))
    const mean = normals.reduce((a, b) => a + b, 0) / normals.length
    expect(mean).toBeCloseTo(5, 1)
    expect(
      Math.sqrt(normals.reduce((s, x) => s + (x - mean) ** 2, 0) / normals.length),
    ).toBeCloseTo(2, 1)
    const integers = Array.from({ length: 3000 }, () => stream.integer(2, 4))
    expect([...new Set(integers)].sort()).toEqual([2, 3, 4])
  })
})
