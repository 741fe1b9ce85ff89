import { describe, expect, it } from 'vitest'
import { courseEntries, measuredThings, sinceLook } from '@renatus/core/stock/measured'
import { provenSoda } from '@renatus/core/stock/provenSoda'
import { modelOfHatch } from '@renatus/core/stock/hatchCultures'
import { lotOfHatch } from '@renatus/core/stock/roomState'
import { tankTemperature, temperatureOn } from '@renatus/core/stock/tankTemperature'
import { log, NAMED, started, stateAt } from '../room'

const NOW = '2026-03-17T12:00:00Z'
const START = '2026-03-17T06:00:00Z'
const course = (id: 'tankId' | 'placeId', name: string, c: number[]) => ({
  [id]: NAMED[name]!,
  how: 'file' as const,
  points: c.map((x, i) => ({
    at: new Date(Date.parse('2026-03-14T00:00:00Z') + i * 21_600_000).toISOString(),
    c: x,
  })),
})

describe('things with a temperature', () => {
  it('bottles, places and tanks, with what they are now and when they were read', () => {
    const place = log(NOW, 'place.course', course('placeId', 'place', [20, 21, 22]) as never)
    const things = measuredThings(stateAt(NOW, [started(START), place]))
    expect(things.map(t => [t.type, t.id, t.c])).toEqual([
      ['culture', NAMED.hatch1, 26],
      ['place', NAMED.place, 22],
      ['tank', NAMED.tank, expect.any(Number)],
    ])
    expect(things[1]!.readAt).toBe('2026-03-14T12:00:00.000Z')
    expect(things[0]!.rules[0]).toMatchObject({ high: 32 })
    expect(things[2]!.rules).toHaveLength(1)
  })

  it('a long course is written as entries of 2,000 points, one set for each of a bath', () => {
    const points = Array.from({ length: 4100 }, (_, i) => ({
      at: new Date(i * 60_000).toISOString(),
      c: 20,
    }))
    const drafts = courseEntries(
      [
        { type: 'culture', id: 'a' },
        { type: 'tank', id: 'b' },
      ],
      'file',
      points,
    )
    expect(drafts.map(d => d.kind)).toEqual([
      ...Array(3).fill('culture.course'),
      ...Array(3).fill('tank.course'),
    ])
    expect(drafts.flatMap(d => (d.data as { points: unknown[] }).points)).toHaveLength(8200)
  })

  it('lowest and highest speak of the time since the last look, a week at most', () => {
    const state = stateAt(NOW)
    expect(sinceLook({ readAt: START }, state)).toMatchObject({ from: START })
    expect(sinceLook({ readAt: null }, state).from).toBe('2026-03-16T12:00:00.000Z')
    expect(sinceLook({ readAt: '2026-01-01T00:00:00Z' }, state).from).toBe(
      '2026-03-10T12:00:00.000Z',
    )
  })

  it('a tank is as warm on a day as the mean of that day', () => {
    const state = stateAt(NOW, [
      log(NOW, 'tank.course', course('tankId', 'tank', [20, 22, 24, 26, 30]) as never),
    ])
    const warmth = tankTemperature(state.tanks[0]!, state.entries, 'UTC')
    expect(temperatureOn(warmth, '2026-03-14')).toBeCloseTo(24, 0)
    expect(temperatureOn(warmth, '2026-03-20')).toBe(30)
  })
})

describe('tested water', () => {
  const tested = (pH: number, sodaG: number) =>
    log(NOW, 'culture.tested', { cultureId: NAMED.hatch1!, pH, sodaG: sodaG as never })
  it('a sour bottle is forecast as sour', () => {
    const nauplii = (entries: ReturnType<typeof log>[]) => {
      const state = stateAt(NOW, entries)
      const [hatch] = state.hatches
      return modelOfHatch(hatch!, lotOfHatch(state, hatch!), state.hatchPH).nauplii
    }
    const usual = nauplii([started(START)])
    expect(nauplii([started(START), tested(6.5, 0)]) / usual).toBeCloseTo(0.5, 6)
    expect(nauplii([started(START), tested(6.5, 0), tested(8.2, 2)])).toBeCloseTo(usual, 6)
  })

  it('a gravity that was read says how salty it is', () => {
    const read = log(NOW, 'culture.gravity', { cultureId: NAMED.hatch1!, sg: 1 + 0.0007 * 5 })
    const state = stateAt(NOW, [started(START), read])
    const [hatch] = state.hatches
    const salty = modelOfHatch(hatch!, lotOfHatch(state, hatch!), state.hatchPH)
    expect(salty.factors.salinity).toBeCloseTo(0.9, 6)
    expect(salty.warnings).toContain('low-salt')
  })

  it('the dose that was right is learned, a dose that was not is not', () => {
    const state = stateAt(NOW, [started(START), tested(7.4, 1), tested(8.2, 1.6)])
    expect(provenSoda(state.entries, state.hatches)).toBeCloseTo(0.8, 9)
    const none = stateAt(NOW, [started(START), tested(7.4, 1)])
    expect(provenSoda(none.entries, none.hatches)).toBeNull()
  })
})
