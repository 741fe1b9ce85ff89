import { describe, expect, it } from 'vitest'
import type { AheadPicture, Lane } from '@renatus/core/planning/plan/aheadPicture'
import { layoutOf, supplyPaths } from '~/components/ahead/pictureGeometry'

const DAYS = 28
const flat = (n: number) => new Array<number>(DAYS).fill(n)
const lane = (food: string, rows: number): Lane => ({
  food,
  rows,
  bars: [],
  wanted: flat(10),
  supply: { p10: flat(5), p50: flat(20), p90: flat(30) },
})
const picture: AheadPicture = {
  days: DAYS,
  mouths: ['a', 'b'].map(brood => ({ brood, free: null, bands: [], gaps: [] })),
  lanes: [lane('x', 2), lane('y', 0)],
}

describe('the picture of a plan on a screen', () => {
  it.each([390, 820, 1280])('keeps its parts apart and within %d px', width => {
    const l = layoutOf(picture, width)
    const parts = [...l.mouths, ...l.lanes]
    parts.slice(1).forEach((p, i) => {
      expect(p.top).toBeGreaterThanOrEqual(parts[i]!.top + parts[i]!.height)
    })
    expect(l.height).toBe(parts.at(-1)!.top + parts.at(-1)!.height)
    expect(l.x(DAYS)).toBeLessThanOrEqual(width)
    expect(l.x(0)).toBe(l.sizes.left)
    expect(l.ticks.every((t, i) => i === 0 || (t - l.ticks[i - 1]!) * l.px >= 58)).toBe(true)
  })
  it('draws need and supply at the foot of their lane', () => {
    const l = layoutOf(picture, 1280)
    const [first] = l.lanes
    const ys = [...supplyPaths(first!, l).supply.matchAll(/ ([\d.]+)(?= L|$)/g)].map(m =>
      Number(m[1]),
    )
    expect(ys).toHaveLength(DAYS)
    for (const y of ys) {
      expect(y).toBeLessThanOrEqual(first!.top + first!.height)
      expect(y).toBeGreaterThanOrEqual(first!.top + first!.height - l.sizes.supply - l.sizes.pad)
    }
  })
})
