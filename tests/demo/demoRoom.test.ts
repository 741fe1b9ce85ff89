import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { idTime } from '@renatus/core/records/id'
import { roomState } from '@renatus/core/stock/roomState'
import { instantOf, toMs } from '@renatus/core/time/localDate'
import { wallClock } from '@renatus/core/time/zone'
import { brokenFacts } from '@demo/facts'
import { redated } from '@demo/redated'
import { demoAt, loftText } from '../../tools/rooms/demoAt'

/** Both daylight-saving changes, other hours of the day; `npm run bench` walks 30 days of a year. */
const CLOCKS = ['06:34', '19:20', '05:05']
const DATES = ['2026-03-29', '2026-10-25', '2027-01-01']

describe('the demo room', () => {
  it.each(DATES.map((date, i) => [date, CLOCKS[i % CLOCKS.length]!]))(
    'holds its facts on %s at %s',
    (date, clock) => {
      const now = instantOf(date, clock, 'Europe/Berlin')
      expect(brokenFacts(demoAt(now, 'Europe/Berlin'), now)).toEqual([])
    },
    60_000,
  )

  it('is the same for the same instant, and a file like any other', () => {
    const now = '2026-03-24T05:34:00.000Z'
    const text = writeRoomFile(demoAt(now, 'America/New_York'))
    expect(text).toBe(writeRoomFile(demoAt(now, 'America/New_York')))
    expect(readRoomFile(text).ok).toBe(true)
  }, 60_000)

  it('no two stores that stand there at a time share a name', () => {
    const now = '2026-03-24T05:34:00.000Z'
    const { records, entries } = demoAt(now, 'Europe/Berlin')
    const mornings = [0, 5, 11, 20].map(d => new Date(Date.parse(now) - d * 86_400_000))
    for (const at of mornings.map(m => m.toISOString())) {
      const names = roomState(
        records,
        entries.filter(e => e.at <= at),
        at,
      )!.stores.map(s => s.name)
      expect(names.length).toBeGreaterThan(0)
      expect(new Set(names).size, names.join(', ')).toBe(names.length)
    }
  }, 60_000)

  it('is a morning older by the evening: what was done before is what was done', () => {
    const zone = 'Europe/Berlin'
    const at = (clock: string) => demoAt(instantOf('2026-05-05', clock, zone), zone)
    const [morning, evening] = [at('06:34'), at('19:30')]
    const ids = new Set(evening.entries.map(e => e.id))
    const missing = morning.entries.filter(e => !ids.has(e.id))
    // Only the count of the gel box is made for the hour.
    expect(missing.map(e => e.kind)).toEqual(['store.counted'])
    expect(evening.entries.length).toBeGreaterThan(morning.entries.length + 5)
  })
})

/** By how much clocks are turned, ms. */
const TURNS = [0, 1_800_000, 3_600_000]

describe('redated', () => {
  const from = { today: '2026-03-03', timeZone: 'UTC' }

  it('shows the same on the wall at every moment, in any zone, in the order it had', () => {
    const loft = JSON.parse(loftText()) as { entries: { id: string; at: string }[] }
    const some = loft.entries.filter((_, i) => i % 40 === 0)
    const zones = [
      'Europe/Berlin',
      'America/St_Johns',
      'Australia/Lord_Howe',
      'Asia/Kolkata',
      'UTC',
    ]
    const day = fc.integer({ min: 0, max: 1500 })
    fc.assert(
      fc.property(day, fc.constantFrom(...zones), (days, timeZone) => {
        const today = new Date(Date.UTC(2025, 0, 1 + days)).toISOString().slice(0, 10)
        const moved = JSON.parse(
          redated(JSON.stringify(some), from, { today, timeZone }),
        ) as typeof some
        const shift = Date.parse(today) - Date.parse(from.today)
        for (const [i, e] of moved.entries()) {
          const wall = Date.parse(wallClock(toMs(e.at), timeZone)) - shift
          // An hour that the spring change skips shows the hour after.
          expect(TURNS).toContain(wall - toMs(some[i]!.at))
          // What is written weeks after it was has an hour more or less between when the clocks turn.
          const between = Math.abs(idTime(e.id) - toMs(e.at))
          const was = Math.abs(idTime(some[i]!.id) - toMs(some[i]!.at))
          expect(TURNS).toContain(Math.abs(between - was))
        }
        expect(moved.map(e => e.id)).toEqual(moved.map(e => e.id).sort())
      }),
      { numRuns: 60 },
    )
  })

  it('moves dates, keys of rounds and ids, and leaves words alone', () => {
    const id = '01KMDYHMA1MBSVCYBQT8476XDG'
    const text = JSON.stringify({ on: '2026-03-03', key: '2026-03-02T06:30', id, note: 'Day 3' })
    const moved = JSON.parse(redated(text, from, { today: '2026-03-05', timeZone: 'UTC' }))
    expect(moved).toMatchObject({ on: '2026-03-05', key: '2026-03-04T06:30', note: 'Day 3' })
    expect(idTime(moved.id) - idTime(id)).toBe(2 * 86_400_000)
    expect(moved.id.slice(10)).toBe(id.slice(10))
  })
})
