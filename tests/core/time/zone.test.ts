import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import { clockOf, instantOf, localDateOf } from '@renatus/core/time/localDate'
import { zoneOffset } from '@renatus/core/time/zone'

const ZONES = [
  'UTC',
  'Europe/Berlin',
  'America/New_York',
  'Asia/Kathmandu',
  'Australia/Lord_Howe',
  'Pacific/Apia',
]
const instants = fc
  .integer({ min: Date.UTC(2020, 0), max: Date.UTC(2035, 0) })
  .map(ms => new Date(ms).toISOString())

describe('clocks on the wall', () => {
  it('show what an independent reckoning shows, in every zone', () => {
    fc.assert(
      fc.property(instants, fc.constantFrom(...ZONES), (at, timeZone) => {
        const parts = new Intl.DateTimeFormat('sv-SE', {
          timeZone,
          dateStyle: 'short',
          timeStyle: 'short',
        }).format(new Date(at))
        expect(`${localDateOf(at, timeZone)} ${clockOf(at, timeZone)}`).toBe(parts)
      }),
      { seed: 7, numRuns: 400 },
    )
  })
  it('a time that is there at all comes back as it was, and one that comes twice is the first', () => {
    fc.assert(
      fc.property(instants, fc.constantFrom(...ZONES), (at, timeZone) => {
        const [date, clock] = [localDateOf(at, timeZone), clockOf(at, timeZone)]
        const back = instantOf(date, clock, timeZone)
        expect([localDateOf(back, timeZone), clockOf(back, timeZone)]).toEqual([date, clock])
        expect(back <= at).toBe(true)
      }),
      { seed: 7, numRuns: 400 },
    )
    expect(instantOf('2026-10-25', '02:30', 'Europe/Berlin')).toBe('2026-10-25T00:30:00.000Z')
    // Skipped in spring: moved on by the hour.
    expect(instantOf('2026-03-29', '02:30', 'Europe/Berlin')).toBe('2026-03-29T01:30:00.000Z')
  })
  it('hang on no zone of the device', async () => {
    const own = process.env.TZ
    const under = async (device: string) => {
      process.env.TZ = device
      vi.resetModules()
      const fresh = await import('@renatus/core/time/localDate')
      expect(new Date(2026, 0, 1).getTimezoneOffset()).toBe(
        device === 'America/New_York' ? 300 : -60,
      )
      return [
        fresh.instantOf('2026-10-25', '02:30', 'Europe/Berlin'),
        fresh.instantOf('2026-11-01', '01:30', 'America/New_York'),
        fresh.localDateOf('2026-10-25T23:30:00Z', 'Europe/Berlin'),
      ]
    }
    try {
      const there = ['2026-10-25T00:30:00.000Z', '2026-11-01T05:30:00.000Z', '2026-10-26']
      expect(await under('America/New_York')).toEqual(there)
      expect(await under('Europe/Berlin')).toEqual(there)
    } finally {
      if (own === undefined) delete process.env.TZ
      else process.env.TZ = own
      vi.resetModules()
    }
  })
  it('offsets are whole minutes and the same when asked again', () => {
    fc.assert(
      fc.property(instants, fc.constantFrom(...ZONES), (at, timeZone) => {
        const ms = Date.parse(at)
        expect(zoneOffset(ms, timeZone)).toBe(zoneOffset(ms, timeZone))
        expect(Math.abs(zoneOffset(ms, timeZone) % 60_000)).toBe(0)
      }),
      { seed: 7 },
    )
  })
})
