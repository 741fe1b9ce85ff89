import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cubesOf, landedBalance, readyPieces, weighsTooMuch } from '@renatus/core/gel/landing'

const batch = { powderG: 40, allWaterMl: 160 }

describe('where a batch landed', () => {
  it('cells and coated things are pieces; what comes out of a bag is cut', () => {
    const tray = { n: 2, cells: 15, form: 'tray' }
    expect(readyPieces([tray, { n: 3, cells: null, form: 'coating' }])).toBe(33)
    expect(readyPieces([tray, { n: 1, cells: null, form: 'bag' }])).toBeNull()
    expect(readyPieces([])).toBeNull()
    expect([cubesOf(125, 5), cubesOf(0.1, 20)]).toEqual([1000, 1])
  })
  it('what went in is what landed, what is left over and what was lost', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.option(fc.double({ min: 1, max: 180, noNaN: true })),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        (filledMl, leftMl, landedG, loss) => {
          const b = landedBalance(batch, { filledMl, leftMl, landedG }, loss)
          expect(b.landedG + b.leftG + b.lostG).toBeCloseTo(200, 9)
          if (landedG === null) expect(b.lostG).toBeGreaterThanOrEqual(-1e-9)
        },
      ),
      { seed: 7 },
    )
  })
  it('more than went in is the scale, a little more is not', () => {
    const weighed = (landedG: number) =>
      weighsTooMuch(landedBalance(batch, { filledMl: 190, leftMl: 0, landedG }, 0.04))
    expect([weighed(190), weighed(205), weighed(215)]).toEqual([false, false, true])
  })
})
