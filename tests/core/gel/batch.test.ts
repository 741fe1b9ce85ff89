import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  fillOf,
  massBalance,
  powderBatch,
  LOSS_SHARE,
  SOLID_SHARE,
  trayMl,
  traysForDays,
  traysFrom,
} from '@renatus/core/gel/batch'
import { formulaBatch, leastWater } from '@renatus/core/gel/formulaBatch'
import { ingredient, INGREDIENTS } from '@renatus/core/gel/ingredients'
import { labelFault, ofDryMatter } from '@renatus/core/gel/composition'
import { binderFor, binderOf, BINDERS, binderShare, shapeHours } from '@renatus/core/gel/binders'
import { learnLoss, learnSolidShare } from '@renatus/core/gel/fillLearning'

const powder = {
  parts: 3,
  solidShare: 0.41,
  lossShare: 0.04,
  gPerMl: 0.55,
  measures: 'metric',
} as const
const inputs = fc.record({
  fillMl: fc.double({ min: 1, max: 5000, noNaN: true }),
  parts: fc.double({ min: 0.3, max: 8, noNaN: true }),
  solidShare: fc.double({ min: 0.1, max: 1, noNaN: true }),
  lossShare: fc.double({ min: 0, max: 0.3, noNaN: true }),
  gPerMl: fc.double({ min: 0.2, max: 1.2, noNaN: true }),
})

describe('batch', () => {
  it('gives the examples of the book to a tenth of a millilitre', () => {
    const habit = powderBatch({ ...powder, fillMl: 180, solidShare: 1 })
    expect(
      [habit.totalMl, habit.powderMl, habit.waterMl].map(x => Math.round(x * 10) / 10),
    ).toEqual([187.2, 46.8, 140.4])
    const real = powderBatch({ ...powder, fillMl: 180 })
    expect([real.powderMl, real.waterMl].map(x => Math.round(x * 10) / 10)).toEqual([54.9, 164.7])
    // By practice 37 mL of powder and 112 mL of water fill a tray of 150.
    const book = { ...powder, solidShare: SOLID_SHARE, lossShare: LOSS_SHARE, fillMl: 150 }
    const tray = powderBatch({ ...book, parts: 112 / 37 })
    expect(Math.abs(tray.powderMl - 37)).toBeLessThan(1.2)
    expect(Math.abs(tray.waterMl - 112)).toBeLessThan(3.2)
    expect(trayMl({ cells: 20, lengthMm: 20, widthMm: 30, heightMm: 15 })).toBe(180)
  })

  it('forwards and backwards agree, and the spoons say what they are off', () => {
    fc.assert(
      fc.property(inputs, i => {
        const b = powderBatch({ ...i, measures: 'us' })
        expect(fillOf(b.powderMl, i)).toBeCloseTo(i.fillMl, 6)
        expect(b.spoonMl - b.powderMl).toBeCloseTo(b.spoonErrorMl, 9)
        expect(Math.abs(b.spoonErrorMl)).toBeLessThanOrEqual(4.929 / 32 + 0.01 * b.powderMl)
        const { trays, leftMl } = traysFrom(b.powderMl * 2.5, i.fillMl, i)
        expect(trays).toBe(2)
        expect(leftMl).toBeCloseTo(b.powderMl / 2, 5)
      }),
    )
    expect(traysForDays(10, 14, 70, 1)).toBe(2)
    expect(traysForDays(10, 15, 70, 1)).toBe(3)
  })

  it('conserves mass: powder and water are pieces, left-over and loss', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 900, noNaN: true }),
        fc.double({ min: 1, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        fc.boolean(),
        (powderG, waterG, lossShare, left, weighed) => {
          const leftG = (powderG + waterG) * left
          const m = massBalance({
            powderG,
            waterG,
            leftG,
            lossShare,
            landedG: weighed ? (powderG + waterG - leftG) * 0.93 : null,
          })
          expect(m.landedG + m.leftG + m.lostG).toBeCloseTo(powderG + waterG, 6)
          expect(m.lostG).toBeGreaterThanOrEqual(-1e-9)
        },
      ),
    )
  })

  it('a formula of fresh and dry foods weighs what its dry matter needs, and counts the water they bring', () => {
    const of = (id: string) => ingredient(id)!
    const mix = [
      { id: 'shrimp', share: 0.3 },
      { id: 'fish-meal', share: 0.5 },
      { id: 'gelatin', share: 0.2 },
    ]
    const b = formulaBatch(mix, of, { fillMl: 200, lossShare: 0.05, waterByMass: 2.5 })
    const bought = b.lines.reduce((s, l) => s + l.grams, 0)
    expect(bought + b.waterMl).toBeCloseTo(b.dryG * 3.5, 6)
    expect(b.dryG / 1.35 + b.dryG * 2.5).toBeCloseTo(210, 6)
    expect(b.lines[0]!.grams * 0.235).toBeCloseTo(b.dryG * 0.3, 6)
    const least = leastWater(mix, of)
    expect(
      formulaBatch(mix, of, { fillMl: 200, lossShare: 0, waterByMass: least }).waterMl,
    ).toBeCloseTo(0, 6)
    expect(
      formulaBatch(mix, of, { fillMl: 200, lossShare: 0, waterByMass: least - 0.1 }).waterMl,
    ).toBeLessThan(0)
  })

  it('the table holds what can be: at least twenty ingredients, no part below nothing, no more than the whole', () => {
    expect(INGREDIENTS.length).toBeGreaterThanOrEqual(20)
    expect(new Set(INGREDIENTS.map(i => i.id)).size).toBe(INGREDIENTS.length)
    for (const i of INGREDIENTS) {
      expect(labelFault(i.label), i.id).toBeNull()
      expect(
        Object.values(ofDryMatter(i.label)).reduce((a, b) => a + b, 0),
        i.id,
      ).toBeCloseTo(100, 6)
      expect(ofDryMatter(i.label).carbohydrate, i.id).toBeGreaterThan(-1)
    }
    expect(labelFault({ protein: 140, fat: 0, fibre: 0, ash: 0, moisture: 0 })).toEqual({
      nutrient: 'protein',
      value: 140,
    })
    expect(labelFault({ protein: 60, fat: 30, fibre: 5, ash: 5, moisture: 8 })).toEqual({
      nutrient: 'sum',
      value: 108,
    })
  })

  it('binders: dose by the finished gel, and by the warmth of the tank', () => {
    expect(binderShare(binderOf('gelatin'), 'standard', 2)).toBeCloseTo(0.18, 9)
    expect(binderFor(29).id).toBe('agar')
    for (const b of BINDERS)
      for (const t of [20, 26, 29, 32])
        expect(shapeHours(b, { temperatureC: t, crowded: true })).toBeLessThanOrEqual(12)
    expect(
      shapeHours(binderOf('gelatin'), { temperatureC: 28, crowded: false }),
    ).toBeLessThanOrEqual(4)
  })

  it('learns air and loss from batches, the more the surer, and stays with the book without them', () => {
    const truth = 0.6
    const fill = (powderMl: number) => ({
      waterMl: 3 * powderMl,
      powderMl,
      filledMl: (3 * powderMl + truth * powderMl) / 1.04,
      leftMl: 0,
      lossShare: 0.04,
      powderG: powderMl * 0.55,
      landedG: (powderMl * 0.55 + 3 * powderMl) / 1.07,
    })
    expect(learnSolidShare(0.41, [])).toMatchObject({ value: 0.41, from: 0 })
    const one = learnSolidShare(0.41, [fill(50)])
    const five = learnSolidShare(
      0.41,
      Array.from({ length: 5 }, () => fill(50)),
    )
    expect(Math.abs(five.value - truth)).toBeLessThan(Math.abs(one.value - truth))
    expect(five.sd).toBeLessThan(one.sd)
    expect(Math.abs(five.value - truth)).toBeLessThan(0.02)
    expect(
      Math.abs(learnLoss(Array.from({ length: 5 }, () => fill(50))).value - 0.07),
    ).toBeLessThan(0.0065)
  })
})
