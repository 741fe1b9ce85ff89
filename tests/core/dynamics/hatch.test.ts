import { describe, expect, it } from 'vitest'
import { energyLeft } from '@renatus/core/dynamics/hatch/energyLoss'
import { hatch, harvestWindow, type HatchSetup } from '@renatus/core/dynamics/hatch/hatch'
import { LOT_DEFAULTS } from '@renatus/core/dynamics/hatch/parameters'
import { grams, gramsPerLitre, litres } from '@renatus/core/units/quantity'

const setup = (more: Partial<HatchSetup> = {}): HatchSetup => ({
  vesselL: litres(2),
  cystsG: grams(2),
  saltGL: gramsPerLitre(25),
  pH: 8.2,
  lit: true,
  decapsulated: false,
  temperature: 26,
  lot: LOT_DEFAULTS,
  ...more,
})

describe('hatch', () => {
  it('counts cysts times the lot, when nothing holds it back', () => {
    expect(hatch(setup()).nauplii).toBeCloseTo(2 * 270_000 * 0.8, 6)
    expect(hatch(setup()).warnings).toEqual([])
  })

  it.each([
    ['salinity', { saltGL: gramsPerLitre(4) }, 0.8],
    ['salinity', { saltGL: gramsPerLitre(100) }, 0.3],
    ['pH', { pH: 7.25 }, 0.8],
    ['pH', { pH: 5 }, 0.4],
    ['density', { cystsG: grams(13) }, 0.925],
    ['light', { lit: false }, 0.8],
    ['temperature', { temperature: 32 }, 0.85],
  ] as const)('%s factor is piecewise linear and holds beyond its ends', (name, change, factor) => {
    expect(hatch(setup(change)).factors[name]).toBeCloseTo(factor, 3)
  })

  it('states the share that crowding wastes', () => {
    expect(hatch(setup({ cystsG: grams(16) })).crowdingLoss).toBeCloseTo(0.15, 6)
    expect(hatch(setup({ cystsG: grams(10) })).crowdingLoss).toBe(0)
    // From 20 L on two grams a litre are enough.
    const large = setup({ vesselL: litres(20), cystsG: grams(100) })
    expect(hatch(large).crowdingLoss).toBeCloseTo(0.15, 6)
  })

  it.each([
    [{ cystsG: grams(10.1) }, 'over-2-g-per-L'],
    [{ vesselL: litres(20), cystsG: grams(41) }, 'over-2-g-per-L'],
    [{ temperature: 16 }, 'cold'],
    [{ temperature: 31 }, 'hot'],
    [{ pH: 7.9 }, 'low-pH'],
    [{ saltGL: gramsPerLitre(9) }, 'low-salt'],
    [{ saltGL: gramsPerLitre(36) }, 'high-salt'],
    [{ lit: false }, 'dark'],
    [{ temperature: 18 }, 'too-slow'],
    [{ temperature: 5 }, 'never'],
    [{ temperature: 45 }, 'never'],
  ] as const)('warns: %j is %s', (change, warning) => {
    expect(hatch(setup(change)).warnings).toContain(warning)
  })

  it('a nauplius keeps 74 % of its energy over a day at 26 C and 95 % at 4 C', () => {
    expect(energyLeft(26, 24)).toBeCloseTo(0.74, 2)
    expect(energyLeft(4, 24)).toBeCloseTo(0.95, 2)
  })

  it('the harvest window lies around the best hour and closes before the last call', () => {
    const { curve } = hatch(setup())
    const window = harvestWindow(curve)!
    expect(window.fromH).toBeLessThan(curve.best!.h)
    expect(window.toH).toBeGreaterThan(curve.best!.h)
    expect(window.lastCallH).toBeGreaterThanOrEqual(curve.t90h! + 12)
    expect(curve.usefulAt(window.fromH)).toBeGreaterThanOrEqual(0.95 * curve.best!.useful)
  })
})
