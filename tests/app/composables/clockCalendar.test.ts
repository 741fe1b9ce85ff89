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
    const alarm = calendar.getFirstSubcomponent('vevent')!.getFirstSubcomponent('valarm')!
    const trigger = alarm.getFirstPropertyValue('trigger') as ICAL.Duration
    expect(trigger.toSeconds()).toBe(-1)
  })
  it('keeps to 75 octets a line, whatever its name is written with', async () => {
    const label = 'Becken \u201eGro\u00df\u201c, zweiter Zug: '.repeat(4)
    const text = await clockCalendar({ id: 'x', label, endsAt: '2026-03-29T04:30:00.000Z' })
    for (const line of text.split('\r\n'))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
    const event = new ICAL.Component(ICAL.parse(text) as never).getFirstSubcomponent('vevent')!
    expect(new ICAL.Event(event).summary.trim()).toBe(label.trim())
  })
})
