import { describe, expect, it } from 'vitest'
import { densityOf } from '@renatus/core/estimation/counting'
import { foundMarks, marksAfter, widened } from '@renatus/core/estimation/picture/marks'

const found = foundMarks([
  { x: 50, y: 50, area: 100, animals: 1 },
  { x: 200, y: 50, area: 300, animals: 3 },
])

describe('marks on a picture', () => {
  it('a tap beside all marks adds one animal, a tap on it takes it away again', () => {
    const added = marksAfter(found, 120, 120, 100)
    expect(added).toHaveLength(3)
    expect(added[2]).toMatchObject({ x: 120, y: 120, animals: 1, kind: 'added' })
    expect(marksAfter(added, 121, 119, 100)).toEqual(found)
  })
  it('a tap on what was found strikes it out, another brings it back, and nothing else moves', () => {
    const struck = marksAfter(found, 52, 49, 100)
    expect(struck.map(m => m.kind)).toEqual(['struck', 'found'])
    expect(marksAfter(struck, 50, 50, 100)).toEqual(found)
  })
  it('of two rings the nearer is meant', () => {
    const near = [found[0]!, { ...found[0]!, x: 58 }]
    expect(marksAfter(near, 57, 50, 100).map(m => m.kind)).toEqual(['found', 'struck'])
  })
  it('the error of the reading widens that of the sample, as squares, and never below nothing', () => {
    const density = densityOf({ counts: [40], dropMl: 0.5 })
    const [lo, hi] = widened(density, { animals: 40, low: 40, high: 40 }, 0.5)
    expect(lo).toBeCloseTo(density.lo, 9)
    expect(hi).toBeCloseTo(density.hi, 9)
    const [lower, higher] = widened(density, { animals: 40, low: 30, high: 52 }, 0.5)
    expect(density.perMl - lower).toBeCloseTo(Math.hypot(density.perMl - density.lo, 20), 9)
    expect(higher - density.perMl).toBeCloseTo(Math.hypot(density.hi - density.perMl, 24), 9)
    expect(widened(density, { animals: 40, low: 0, high: 40 }, 0.1)[0]).toBe(0)
  })
})
