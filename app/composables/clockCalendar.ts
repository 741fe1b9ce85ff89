import { foldCalendar } from './foldCalendar'
import type { Clock } from '@renatus/core/stock/clocks'

/** A clock as a calendar event with an alarm at its end. The calendar package is loaded when it is asked for. */
export async function clockCalendar(
  clock: Pick<Clock, 'id' | 'label' | 'endsAt'>,
): Promise<string> {
  const { createEvent } = await import('ics')
  const { error, value } = createEvent({
    uid: `${clock.id}@renatus.local`,
    productId: 'Renatus',
    title: clock.label,
    start: Date.parse(clock.endsAt),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes: 15 },
    alarms: [
      // Nothing before is no duration (RFC 5545, 3.3.6): a second is the least.
      { action: 'display', description: clock.label, trigger: { seconds: 1, before: true } },
    ],
  })
  if (error || !value) throw error ?? new Error('no calendar text')
  return foldCalendar(value)
}
