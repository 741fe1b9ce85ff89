import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { clockCalendar } from '~/composables/clockCalendar'

describe('a clock as a calendar alarm', () => {
  it('reads back: its name, its end, and an alarm at it', async () => {
    const text = await clockCalendar({
      id: 'x',
      label: 'Cone 1 to first pull; "gently"',
      endsAt: '2026-03-29T04:30:00.000Z',
    })
    const calendar = new ICAL.Component(ICAL.parse(text) as never)
    const event = new ICAL.Event(calendar.getFirstSubcomponent('vevent')!)
    expect(event.summary).toBe('Cone 1 to first pull; "gently"')
    expect(event.startDate.toJSDate().toISOString()).toBe('2026-03-29T04:30:00.000Z')
    expect(calendar.getFirstSubcomponent('vevent')!.getFirstSubcomponent('valarm')).not.toBeNull()
  })
})
