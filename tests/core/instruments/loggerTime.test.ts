import fc from 'fast-check'
import { expect, test } from 'vitest'
import {
  DATE_ORDERS,
  epochMs,
  instantsAt,
  wallTime,
  writtenTime,
} from '@renatus/core/instruments/loggerTime'
import { zoneOffset } from '@renatus/core/time/zone'

const at = fc.integer({ min: Date.UTC(2001, 0, 2), max: Date.UTC(2098, 11, 30) })
const two = (n: number) => String(n).padStart(2, '0')

test('a date that was written in an order is read in that order, to the second', () => {
  fc.assert(
    fc.property(
      at,
      fc.constantFrom(...DATE_ORDERS),
      fc.constantFrom('-', '/', '.'),
      (ms, order, sep) => {
        const whole = ms - (ms % 1000)
        const d = new Date(whole)
        const part = {
          y: String(d.getUTCFullYear()),
          m: two(d.getUTCMonth() + 1),
          d: two(d.getUTCDate()),
        }
        const date = [...order].map(k => part[k as 'y' | 'm' | 'd']).join(sep)
        const clock = [d.getUTCHours(), d.getUTCMinutes(), d.getUTCSeconds()].map(two).join(':')
        expect(wallTime(writtenTime(`${date} ${clock}`)!, order)).toBe(whole)
      },
    ),
  )
})

test('an instant is among those at which its zone showed its time; spring skips an hour and autumn repeats one', () => {
  const zones = [
    'Europe/Berlin',
    'America/New_York',
    'Australia/Lord_Howe',
    'Asia/Kathmandu',
    'UTC',
  ]
  fc.assert(
    fc.property(at, fc.constantFrom(...zones), (ms, zone) => {
      const found = instantsAt(ms + zoneOffset(ms, zone), zone)
      expect(found).toContain(ms)
      expect(found.length).toBeLessThanOrEqual(2)
    }),
  )
  expect(instantsAt(Date.UTC(2026, 2, 29, 2, 30), 'Europe/Berlin')).toEqual([])
  const twice = instantsAt(Date.UTC(2026, 9, 25, 2, 30), 'Europe/Berlin')
  expect(twice.map(ms => new Date(ms).toISOString())).toEqual([
    '2026-10-25T00:30:00.000Z',
    '2026-10-25T01:30:00.000Z',
  ])
})

test('what is no time is none: days that are not, clocks that are not, numbers that are no seconds', () => {
  expect(wallTime(writtenTime('30.02.2026 10:00')!, 'dmy')).toBeNull()
  expect(writtenTime('12.03.2026 25:00')).toBeNull()
  expect(writtenTime('24.5')).toBeNull()
  expect(writtenTime('3/12/2026 12:05 am')!.clockMs).toBe(5 * 60_000)
  expect(writtenTime('3/12/2026 12:05 pm')!.clockMs).toBe(12 * 3_600_000 + 5 * 60_000)
  expect(writtenTime('2026-03-12T10:00:00+05:45')!.aheadMs).toBe(5.75 * 3_600_000)
  expect(epochMs('1773309600')).toBe(1_773_309_600_000)
  expect(epochMs('1773309600000')).toBe(1_773_309_600_000)
  expect(epochMs('24.5')).toBeNull()
})
