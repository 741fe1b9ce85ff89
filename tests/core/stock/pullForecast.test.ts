import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { modelOfHatch } from '@renatus/core/stock/hatchCultures'
import { pullForecast } from '@renatus/core/stock/pullForecast'
import { lotOfHatch } from '@renatus/core/stock/roomState'
import { harvested, started, stateAt } from '../room'

const START = '2026-03-16T06:00:00Z'
const after = (h: number) => new Date(Date.parse(START) + h * 3_600_000).toISOString()
const forecast = (h: number, entries = [started(START)] as Parameters<typeof stateAt>[1]) => {
  const state = stateAt(after(h), entries)
  const run = state.hatches[0]!
  return pullForecast(
    run,
    modelOfHatch(run, lotOfHatch(state, run), state.hatchPH),
    lotOfHatch(state, run),
    h,
  )
}

describe('what a pull would bring', () => {
  it('recomputes from its reason at any hour', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 80, noNaN: true }), h => {
        const { why, nauplii } = forecast(h)
        const again = why.inputs.reduce((product, i) => product * i.value, 1)
        return Math.abs(again - nauplii) <= 1e-6 * Math.max(1, nauplii)
      }),
      { seed: 51, numRuns: 60 },
    )
  })
  it('two pulls bring no more nauplii than hatch in all', () => {
    const first = forecast(24)
    const second = forecast(36, [
      started(START),
      harvested(after(24), { finished: false, nauplii: first.nauplii }),
    ])
    expect(first.nauplii + second.nauplii).toBeLessThanOrEqual(1 * 270_000 * 0.8)
    expect(second.nauplii).toBeGreaterThan(0)
    expect(second.energy).toBeGreaterThan(forecast(36).energy)
  })
  it('after the last call the bottle empties by itself', () => {
    expect(forecast(70).nauplii).toBeLessThan(forecast(40).nauplii)
    expect(forecast(0)).toMatchObject({ nauplii: 0, energy: 1 })
  })
})
