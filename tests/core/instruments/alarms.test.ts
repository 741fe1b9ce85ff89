import { describe, expect, it } from 'vitest'
import { brineShrimp } from '@renatus/core/foods/brine-shrimp/index'
import { ruleOfFood } from '@renatus/core/instruments/alarmRule'
import { alarms, type SentReading } from '@renatus/core/instruments/alarms'
import { probeReading, type ProbeScenario } from '@renatus/core/instruments/probe'

const NOON = Date.parse('2026-03-24T12:00:00Z')
const at = (min: number) => new Date(NOON + min * 60_000).toISOString()
const minutesOf = (event: { at: string }) => (Date.parse(event.at) - NOON) / 60_000
const played = (scenario: ProbeScenario, minutes: number, seed: number): SentReading[] =>
  Array.from({ length: minutes }, (_, min) => ({
    at: at(min),
    value: probeReading(scenario, min, seed),
  }))
const bottle = [ruleOfFood(brineShrimp)]

describe('alarms', () => {
  it.each([1, 2, 3])('call a thermostat that is stuck on before 30 °C, seed %i', seed => {
    const [first] = alarms(played('thermostat-stuck-on', 200, seed), bottle)
    // It begins to rise in minute 10.
    expect(first!.kind).toBe('warning')
    expect(minutesOf(first!) - 10).toBeLessThanOrEqual(30)
    expect(probeReading('thermostat-stuck-on', minutesOf(first!), seed)).toBeLessThan(30)
    expect(first!.text).toMatch(/rising by .* °C an hour: too warm for brine shrimp nauplii in \d/)
    expect(first!.text).toContain('First: heater and lamp out of the socket')
  })

  it('call it at the limit too, once', () => {
    const events = alarms(played('thermostat-stuck-on', 200, 1), bottle)
    expect(events.map(e => e.kind)).toEqual(['warning', 'alarm'])
    expect(minutesOf(events[1]!)).toBeGreaterThan(65)
    expect(minutesOf(events[1]!)).toBeLessThan(80)
  })

  it.each(['steady', 'night-drop'] as const)('are silent through 30 days: %s', scenario => {
    const tight = { harms: null, low: 22, high: 28, perHour: null }
    expect(alarms(played(scenario, 30 * 1440, 1), [...bottle, tight])).toEqual([])
  })

  it('say when the course leads to harm by cold: a lamp that is off', () => {
    const rule = [{ harms: 'moina', low: 20, high: 34, perHour: null }]
    const [first] = alarms(played('lamp-off', 600, 1), rule)
    expect(first).toMatchObject({ kind: 'warning' })
    expect(first!.text).toContain('too cold for moina')
  })

  it('are over when it is inside again, and not before', () => {
    const values = [26, 31, 31.2, 31.1, 30.8, 31, 30.9, 31, 29.8, 29.9, 29.4, 29.3, 29.3, 29.3]
    const rule = [{ harms: null, low: null, high: 30, perHour: null }]
    const events = alarms(
      values.map((value, i) => ({ at: at(i), value })),
      rule,
    )
    expect(events.map(e => [e.kind, minutesOf(e)])).toEqual([
      ['alarm', 2],
      ['over', 12],
    ])
  })

  it('take one reading for enough where they are far apart', () => {
    const values = [26, 26, 26, 36]
    const events = alarms(
      values.map((value, i) => ({ at: at(30 * i), value })),
      bottle,
    )
    expect(events).toMatchObject([{ kind: 'alarm', at: at(90) }])
  })

  it('do not take one slip of a probe for heat', () => {
    const values = Array.from({ length: 40 }, (_, i) => (i === 20 ? 41 : 26))
    expect(
      alarms(
        values.map((value, i) => ({ at: at(i), value })),
        bottle,
      ),
    ).toEqual([])
  })

  it('call a change that is too fast', () => {
    const rule = [{ harms: null, low: null, high: null, perHour: 1 }]
    const readings = Array.from({ length: 60 }, (_, i) => ({ at: at(i), value: 24 + i / 20 }))
    expect(alarms(readings, rule)[0]!.text).toContain('more than 1 °C')
  })

  it('call a sensor dead after three missed readings, and say when it reads again', () => {
    const readings = [0, 1, 2, 3, 4, 9, 10].map(min => ({ at: at(min), value: 26 }))
    const events = alarms(readings, bottle, { place: 'Rack A', until: at(13) })
    expect(events.map(e => [e.kind, e.at])).toEqual([
      ['dead', at(7)],
      ['over', at(9)],
      ['dead', at(13)],
    ])
    expect(events[0]!.text).toMatch(/^Rack A: no reading for 3 min; the last was 26 °C/)
  })

  it('what ends is named: a probe that reads again does not end the heat', () => {
    const values = [...Array<number>(8).fill(35), null, null, null, null, null, 35, 35]
    const events = alarms(
      values.map((value, i) => ({ at: at(i), value })),
      bottle,
    )
    expect(events.map(e => [e.kind, e.about])).toEqual([
      ['alarm', 'high 0'],
      ['dead', 'probe'],
      ['over', 'probe'],
    ])
  })

  it.each(['sensor-gone', 'battery-low'] as const)('call it dead: %s', scenario => {
    expect(alarms(played(scenario, 120, 1), bottle).map(e => e.kind)).toContain('dead')
  })

  it('bear what a broken stream sends: text, nothing, twice the same, back in time, nonsense', () => {
    const readings: SentReading[] = [
      { at: at(0), value: 26 },
      { at: at(1), value: 'hello' },
      { at: at(1), value: null },
      { at: at(1), value: 26 },
      { at: at(1), value: 40 },
      { at: at(-50), value: 40 },
      { at: at(2), value: -127 },
      { at: at(2), value: 26 },
      { at: at(3), value: 1e9 },
      { at: 'yesterday', value: 40 },
      { at: at(4), value: 26 },
    ]
    expect(alarms(readings, bottle)).toEqual([])
  })
})
