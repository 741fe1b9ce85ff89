import { describe, expect, it } from 'vitest'
import { powderBatch } from '@renatus/core/gel/batch'
import { gelMix, gelTray } from '@renatus/core/records/gelRecords'
import { fillByPowder, fillByTrays } from '@renatus/core/stock/gelFill'
import { uid } from '../room'

const base = { updatedAt: '2026-03-01T00:00:00Z', removedAt: null }
const tray = gelTray.parse({
  ...base,
  id: uid(),
  type: 'gel-tray',
  name: 'Small cells',
  form: 'tray',
  fill: { cells: 15, lengthMm: 20, widthMm: 20, heightMm: 20 },
})
const mix = gelMix.parse({
  ...base,
  id: uid(),
  type: 'gel-mix',
  name: 'Powder',
  label: { protein: 40, fat: 8, fibre: 3, ash: 8, moisture: 8 },
  gPerMl: 0.55,
  costPerKg: 20,
  particleUm: 200,
  binder: 'agar',
  firmness: 'standard',
  job: 'pick',
  parts: 3,
  grams: null,
  weighedAt: null,
  broodIds: [],
  formula: null,
})
const settings = { parts: 3, solidShare: 0.41, lossShare: 0.04, measures: 'metric' } as const

describe('what a batch fills', () => {
  it('trays that are not taken are not there', () => {
    expect(
      fillByTrays([
        [tray, 2],
        [tray, 0],
      ]),
    ).toMatchObject({ ml: 240, trays: [{ n: 2, cells: 15 }] })
  })
  it('a powder fills whole trays; what is left over and what they take are the powder', () => {
    for (const grams of [40, 73.5, 200]) {
      const fill = fillByPowder(mix, tray, grams, settings)
      const used = powderBatch({ ...settings, gPerMl: mix.gPerMl, fillMl: fill.ml }).powderG
      expect(used + fill.leftG).toBeCloseTo(grams, 6)
      expect(fill.leftG).toBeLessThan(
        powderBatch({ ...settings, gPerMl: mix.gPerMl, fillMl: 120 }).powderG,
      )
    }
  })
  it('less than a tray is all there is of it', () => {
    const fill = fillByPowder(mix, tray, 5, settings)
    expect(fill).toMatchObject({ trays: [], leftG: 0 })
    expect(fill.ml).toBeGreaterThan(0)
    expect(fill.ml).toBeLessThan(120)
  })
})
