import { describe, expect, it } from 'vitest'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { roomState } from '@renatus/core/stock/roomState'
import { instantOf } from '@renatus/core/time/localDate'
import { brokenFacts } from '@demo/facts'
import { demoAt, loftText } from '../../tools/rooms/demoAt'

// Living the loft takes its time, which is no test's.
loftText()

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
