import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dietChanges, dietOn } from '@renatus/core/gel/dietCourse'
import { crumbSize, grainSieve, millingFor, SIEVES_UM } from '@renatus/core/gel/particles'
import {
  dryFraction,
  faceNeeded,
  grazeEdgeMm,
  handyEdge,
  portionOf,
} from '@renatus/core/gel/portion'
import { stageAt, STAGES, targetsFor } from '@renatus/core/gel/targets'
import { mineralOf } from '@renatus/core/gel/minerals'

describe('portion', () => {
  it('pieces weigh what is wanted, to the half piece', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 50_000, noNaN: true }),
        fc.double({ min: 0.1, max: 0.4, noNaN: true }),
        fc.double({ min: 0.05, max: 8, noNaN: true }),
        (mg, dry, g) => {
          const p = portionOf(mg, dry, g)
          expect(p.wetG * dry * 1000).toBeCloseTo(mg, 6)
          expect(Number.isInteger(p.pieces * 2)).toBe(true)
          expect(p.pieces).toBeGreaterThan(0)
          // Beyond the smallest piece the rounding is at most half of what is counted in.
          if (p.wetG / g >= 0.5)
            expect(Math.abs(p.pieces * g - p.wetG)).toBeLessThanOrEqual(g / 2 + 1e-9)
        },
      ),
    )
    expect(portionOf(0, 0.2, 1).pieces).toBe(0)
    expect(dryFraction(30, 90, 8)).toBeCloseTo(0.23, 9)
  })

  it('cubes of the edge leave face for all, and a larger brood wants smaller ones', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2000 }),
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        (fry, mm, ml) => {
          const edge = grazeEdgeMm(ml, fry, mm)
          const cubes = (ml * 1000) / edge ** 3
          expect(5 * edge ** 2 * cubes).toBeCloseTo(faceNeeded(fry, mm), 4)
          expect(grazeEdgeMm(ml, fry + 1, mm)).toBeLessThan(edge)
          const handy = handyEdge(edge)
          if (edge >= 2) expect(handy).toBeLessThanOrEqual(edge)
        },
      ),
    )
  })

  it('grain and crumbs fit the gape', () => {
    fc.assert(
      fc.property(fc.double({ min: 300, max: 8000, noNaN: true }), gape => {
        expect(grainSieve(gape)).toBeLessThanOrEqual(Math.max(45, gape / 5))
        const { throughUm, overUm } = crumbSize(gape)
        expect(throughUm).toBeLessThanOrEqual(0.7 * gape)
        expect(overUm).toBeLessThanOrEqual(throughUm)
        expect(SIEVES_UM).toContain(throughUm as never)
      }),
    )
    expect(millingFor({ particleUm: 400, milling: 'mill' }, 125)).toBe('mill')
    expect(millingFor({ particleUm: 60, milling: 'mill' }, 125)).toBe('fine enough')
    expect(millingFor({ particleUm: null, milling: 'dissolves' }, 45)).toBe('dissolves')
  })

  it('targets fall from the larva to the grower, and the changes of a diet come at the lengths of the table', () => {
    for (const guild of ['carnivore', 'omnivore', 'grazer'] as const) {
      const middles = STAGES.map(s => (s.protein[guild][0] + s.protein[guild][1]) / 2)
      expect([...middles].sort((a, b) => b - a)).toEqual(middles)
      expect(targetsFor(20, guild).protein).toEqual(stageAt(20).protein[guild])
    }
    const mouths = Array.from({ length: 60 }, (_, day) => ({
      day,
      lengthMm: 7 + day * 0.5,
      gapeUm: (7 + day * 0.5) * 75,
    }))
    const changes = dietChanges(mouths, 'omnivore')
    expect(changes.filter(c => c.what.includes('formula')).map(c => c.lengthMm)).toEqual([
      8, 15, 30,
    ])
    expect(changes.some(c => c.what.includes('crumb'))).toBe(true)
    // Between two changes the diet is the same.
    for (const m of mouths) {
      const last = changes.findLast(c => c.day <= m.day)
      expect(dietOn(m, 'omnivore')).toEqual(last ? last.to : dietOn(mouths[0]!, 'omnivore'))
    }
    expect(
      dietChanges(mouths, 'grazer').every(c => !c.what.includes('crumb') && c.to.crumb === null),
    ).toBe(true)
  })

  it('what nobody measured is unknown, not nothing', () => {
    const content: Record<string, number | null> = { a: 1, b: null }
    expect(
      mineralOf(
        [
          { id: 'a', share: 0.25 },
          { id: 'b', share: 0.75 },
        ],
        id => content[id]!,
      ),
    ).toEqual({ value: 1, known: 0.25 })
    expect(mineralOf([{ id: 'b', share: 1 }], id => content[id]!)).toEqual({
      value: null,
      known: 0,
    })
  })
})
