import { describe, expect, it } from 'vitest'
import { readRoomFile, writeRoomFile } from '@renatus/core/formats/roomFile'
import { instantOf } from '@renatus/core/time/localDate'
import { demoRoom } from '@demo/demoRoom'
import { brokenFacts } from '@demo/facts'

/** Both daylight-saving changes; `npm run bench` walks 30 days of a year. */
const CLOCKS = ['06:34', '12:10', '19:20', '22:45', '05:05']
const DATES = ['2026-03-29', '2026-10-25']

describe('the demo room', () => {
  it.each(DATES.map((date, i) => [date, CLOCKS[i % CLOCKS.length]!]))(
    'holds its facts on %s at %s',
    (date, clock) => {
      const now = instantOf(date, clock, 'Europe/Berlin')
      expect(brokenFacts(demoRoom(now, 'Europe/Berlin'), now)).toEqual([])
    },
    120_000,
  )

  it('is the same for the same instant, and a file like any other', () => {
    const now = '2026-03-24T05:34:00.000Z'
    const file = demoRoom(now, 'America/New_York')
    expect(writeRoomFile(file)).toBe(writeRoomFile(demoRoom(now, 'America/New_York')))
    expect(readRoomFile(writeRoomFile(file)).ok).toBe(true)
  }, 120_000)
})
