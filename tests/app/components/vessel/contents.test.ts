import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contentsOf } from '~/components/vessel/contents'
import { shapeFor, shapeOf, type VesselShape } from '~/components/vessel/vesselShape'

const SHAPES: VesselShape[] = ['tray', 'tub', 'jar', 'bottle', 'bucket', 'tank']
const grade = fc.double({ min: 0, max: 3, noNaN: true })
const luma = (hex: string) =>
  [1, 3, 5].reduce((s, i, k) => s + parseInt(hex.slice(i, i + 2), 16) * [0.3, 0.6, 0.1][k]!, 0)

describe('what is in a drawn vessel', () => {
  it('follows each sign: more specks, haze, skin and mud with higher grades, and never out of the vessel', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SHAPES), grade, grade, (shape, a, b) => {
        const [lo, hi] = [Math.min(a, b), Math.max(a, b)]
        const at = (g: number) =>
          contentsOf(shape, 'consumer', {
            movers: g,
            cloudiness: g,
            film: g,
            sediment: g,
            climbing: g,
            pupae: g,
          })
        const [thin, thick] = [at(lo), at(hi)]
        expect(thick.specks.length).toBeGreaterThanOrEqual(thin.specks.length)
        expect(thick.climbers.length).toBeGreaterThanOrEqual(thin.climbers.length)
        expect(thick.pupae.length).toBeGreaterThanOrEqual(thin.pupae.length)
        for (const part of ['haze', 'film', 'sediment'] as const)
          expect(thick[part]).toBeGreaterThanOrEqual(thin[part])
        const s = shapeOf(shape)
        for (const p of thick.specks)
          expect(Math.abs(p.x - s.width / 2)).toBeLessThanOrEqual(s.half(p.y))
        expect(thick.specks.every(p => p.y > thick.level && p.y < s.floor)).toBe(true)
      }),
      { seed: 61 },
    )
  })
  it('green water darkens with its grade up to deep green; fill moves the level; gathering moves specks up', () => {
    fc.assert(
      fc.property(grade, grade, (a, b) => {
        const [lo, hi] = [Math.min(a, b), Math.max(a, b)]
        expect(luma(contentsOf('jar', 'phototroph', { tint: hi }).colour)).toBeLessThanOrEqual(
          luma(contentsOf('jar', 'phototroph', { tint: lo }).colour) + 1,
        )
        expect(contentsOf('jar', 'consumer', {}, 1, 0.2 + hi / 5).level).toBeLessThanOrEqual(
          contentsOf('jar', 'consumer', {}, 1, 0.2 + lo / 5).level,
        )
      }),
      { seed: 62 },
    )
    const height = (gathering: number) =>
      contentsOf('jar', 'consumer', { movers: 3, gathering }).specks.reduce((s, p) => s + p.y, 0)
    expect(height(3)).toBeLessThan(height(0))
  })
  it('a vessel is drawn as what it is', () => {
    expect([
      shapeFor(0.3, 2, 12),
      shapeFor(1, 12, 10),
      shapeFor(1, 6, 12),
      shapeFor(10, 20, 22),
      shapeFor(1, 20, 9),
      shapeFor(60, 30, 40),
    ]).toEqual(['tray', 'jar', 'tub', 'bucket', 'bottle', 'tank'])
  })
})
