import { describe, expect, it } from 'vitest'
import {
  addDays,
  daysBetween,
  hoursBetween,
  instantOf,
  isTimeZone,
  localDateOf,
} from '@renatus/core/time/localDate'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'

const ROUNDS = [
  { name: 'Morning', at: '06:30' },
  { name: 'Evening', at: '19:00' },
]
const BERLIN = 'Europe/Berlin'

describe('rounds', () => {
  it('keep their local hour over both daylight-saving nights, which are 11 and 13 hours long', () => {
    const night = (evening: string, morning: string) =>
      hoursBetween(instantOf(evening, '19:00', BERLIN), instantOf(morning, '06:30', BERLIN))
    expect(night('2026-03-27', '2026-03-28')).toBe(11.5)
    expect(night('2026-03-28', '2026-03-29')).toBe(10.5)
    expect(night('2026-10-24', '2026-10-25')).toBe(12.5)
    const keys = roundsAround('2026-03-28T12:00:00Z', ROUNDS, BERLIN, 1, 2).map(r => r.key)
    expect(keys).toEqual([
      '2026-03-27T06:30',
      '2026-03-27T19:00',
      '2026-03-28T06:30',
      '2026-03-28T19:00',
      '2026-03-29T06:30',
      '2026-03-29T19:00',
      '2026-03-30T06:30',
      '2026-03-30T19:00',
    ])
  })

  it('a round in the hour that the spring night skips still happens', () => {
    expect(localDateOf(instantOf('2026-03-29', '02:30', BERLIN), BERLIN)).toBe('2026-03-29')
    expect(
      hoursBetween(
        instantOf('2026-03-29', '01:30', BERLIN),
        instantOf('2026-03-29', '02:30', BERLIN),
      ),
    ).toBeGreaterThan(0)
  })

  it.each([
    ['06:00', '2026-03-17T06:30'],
    ['06:35', '2026-03-17T06:30'],
    ['12:40', '2026-03-17T06:30'],
    ['12:50', '2026-03-17T19:00'],
    ['23:30', '2026-03-17T19:00'],
    ['04:00', '2026-03-17T06:30'],
  ])('at %s the current round is %s', (clock, key) => {
    const now = instantOf('2026-03-17', clock, BERLIN)
    expect(currentRound(now, roundsAround(now, ROUNDS, BERLIN, 1, 1)).key).toBe(key)
  })
})

describe('local dates', () => {
  it('are moved and compared as calendar dates', () => {
    expect(addDays('2026-03-28', 2)).toBe('2026-03-30')
    expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2)
    expect(localDateOf('2026-03-17T23:30:00Z', BERLIN)).toBe('2026-03-18')
  })
  it('knows real zones from invented ones', () => {
    expect([isTimeZone(BERLIN), isTimeZone('Mars/Base'), isTimeZone('')]).toEqual([
      true,
      false,
      false,
    ])
  })
})

describe('odd nights of the calendar', () => {
  // The night of each change of the clock (half an hour on Lord Howe), the leap day, and the turn of the year.
  const NIGHTS: [string, string][] = [
    ...(['2026-03-28', '2026-10-24', '2028-02-28', '2026-12-31'] as const).map(
      (day): [string, string] => [BERLIN, day],
    ),
    ['America/St_Johns', '2026-03-07'],
    ['America/St_Johns', '2026-10-31'],
    ['Australia/Lord_Howe', '2026-04-04'],
    ['Australia/Lord_Howe', '2026-10-03'],
    ['Pacific/Chatham', '2026-04-04'],
    ['Pacific/Chatham', '2026-09-26'],
  ]
  const late = [...ROUNDS, { name: 'Night', at: '02:15' }].sort((a, b) => (a.at < b.at ? -1 : 1))

  it.each(NIGHTS)(
    '%s, %s: every round comes once, in its order, and none is skipped',
    (zone, day) => {
      const from = Date.parse(instantOf(day, '00:00', zone))
      const keys: string[] = []
      for (let m = 0; m < 3 * 24 * 60; m += 10) {
        const now = new Date(from + m * 60_000).toISOString()
        const { key } = currentRound(now, roundsAround(now, late, zone, 1, 1))
        if (keys.at(-1) !== key) keys.push(key)
      }
      expect(new Set(keys).size).toBe(keys.length)
      expect([...keys].sort()).toEqual(keys)
      const of = (date: string) => keys.filter(k => k.startsWith(date)).map(k => k.slice(11))
      for (const date of [day, addDays(day, 1)]) expect(of(date)).toEqual(late.map(r => r.at))
    },
  )
})
