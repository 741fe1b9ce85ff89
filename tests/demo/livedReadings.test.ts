import { describe, expect, it } from 'vitest'
import { demoRoom } from '@demo/demoRoom'
import { livedReadings } from '@demo/livedReadings'
import { loftText } from '../../tools/rooms/demoAt'

const lived = loftText()

describe('what was believed in the demo room comes with it', () => {
  it.each([
    ['2026-03-24T05:34:00.000Z', 'Europe/Berlin'],
    ['2026-07-09T17:50:00.000Z', 'America/Lima'],
    ['2026-02-02T11:30:00.000Z', 'UTC'],
    // Weeks after a turn of the clocks, its first morning, and the night of it, when the round of the eve is on.
    ['2026-04-10T05:34:00.000Z', 'Europe/Berlin'],
    ['2026-10-25T05:34:00.000Z', 'Europe/Berlin'],
    ['2026-03-28T23:20:00.000Z', 'Europe/Berlin'],
  ])('and is what is read anew there, at %s in %s', (now, zone) => {
    const { file, learning, readings } = demoRoom(lived, now, zone)
    expect(readings.readings.length).toBeGreaterThan(10)
    expect(livedReadings(file, learning.learned, readings.at)).toEqual(readings)
  })
})
