import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { draws, evenShares, wholePulls } from '@renatus/core/dynamics/hatch/draws'
import { harvestWindow } from '@renatus/core/dynamics/hatch/hatch'
import { hatchCurve } from '@renatus/core/dynamics/hatch/hatchCurve'

const curveAt = (temperature: number) =>
  hatchCurve({ temperature, speed: 1, spread: 0.17, decapsulated: false })
const curve = curveAt(26)

describe('draws from a bottle', () => {
  it('pulls of all that swims are those of the curve', () => {
    const [a, b] = draws(curve, wholePulls([22, 30]))
    expect(a!.useful).toBeCloseTo(curve.pull(22).useful, 9)
    expect(a!.hatchedFraction).toBeCloseTo(curve.hatchedAt(22), 9)
    expect(b!.useful).toBeCloseTo(curve.pull(30, 22).useful, 9)
  })

  it('even shares bring as many each time while nothing hatches or dies', () => {
    const found = draws(curve, evenShares([30, 32, 34, 36]))
    for (const d of found) expect(d.hatchedFraction).toBeCloseTo(0.25, 2)
    // Their yolk falls from draw to draw.
    found.slice(1).forEach((d, i) => expect(d.useful).toBeLessThan(found[i]!.useful))
  })

  it('what is kept dies from T90 + 12 h on, by 2 % an hour', () => {
    const from = curve.t90h! + 12
    const [first, second] = draws(curve, [
      { h: from, share: 0.5 },
      { h: from + 10, share: 1 },
    ])
    expect(second!.hatchedFraction / first!.hatchedFraction).toBeCloseTo(Math.exp(-0.2), 2)
  })

  it('the last call of a kept bottle is T90 + 36 h at 26 °C, sooner in the warm', () => {
    expect(harvestWindow(curve)!.drawUntilH - curve.t90h!).toBeCloseTo(36, 6)
    const warm = curveAt(30)
    expect(harvestWindow(warm)!.drawUntilH - warm.t90h!).toBeCloseTo(36 / 2.2 ** 0.4, 6)
  })

  it('what hatches at the very end is no fuller of yolk than it can be', () => {
    // Two draws minutes apart, long after T90: next to nothing hatches between them.
    const [, , last] = draws(curveAt(29), [
      { h: 22.2, share: 0.9999999999 },
      { h: 51.57, share: 0 },
      { h: 51.69, share: 1 },
    ])
    expect(last!.useful / last!.hatchedFraction).toBeLessThan(0.7)
  })

  it('never bring more than hatched, whatever the hours and shares', () => {
    const plan = fc.array(
      fc.record({
        gap: fc.double({ min: 0.1, max: 20, noNaN: true }),
        share: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
      { minLength: 1, maxLength: 8 },
    )
    fc.assert(
      fc.property(plan, fc.integer({ min: 18, max: 31 }), (steps, c) => {
        let h = 0
        const at = steps.map(s => ({ h: (h += s.gap), share: s.share }))
        const mine = curveAt(c)
        const found = draws(mine, at)
        const sum = found.reduce((n, d) => n + d.hatchedFraction, 0)
        expect(sum).toBeLessThanOrEqual(mine.hatchedAt(h) + 1e-9)
        for (const d of found) expect(d.useful).toBeLessThanOrEqual(d.hatchedFraction + 1e-9)
      }),
      { numRuns: 60 },
    )
  })
})
