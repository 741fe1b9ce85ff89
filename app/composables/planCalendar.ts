import type { EventAttributes } from 'ics'
import { foldCalendar } from './foldCalendar'
import type { CalendarItem } from './sheetRows'

/**
 * What lies ahead as an iCalendar file (RFC 5545). Instants are written in UTC, which every calendar shows in its own zone; the zone of the room
 * is named beside. The same item keeps its UID: imported again it is moved, not doubled.
 */
export async function planCalendar(
  items: readonly CalendarItem[],
  roomName: string,
  timeZone: string,
): Promise<string> {
  const { createEvents } = await import('ics')
  const events = items.map((i): EventAttributes => ({
    uid: i.uid,
    productId: 'Renatus',
    calName: roomName,
    title: i.title,
    description: i.text,
    start: Date.parse(i.at),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes: i.minutes },
    sequence: i.sequence,
    status: i.cancelled ? 'CANCELLED' : 'CONFIRMED',
    busyStatus: 'FREE',
    ...(i.cancelled
      ? {}
      : {
          alarms: [
            {
              action: 'display' as const,
              description: i.title,
              trigger: { minutes: 10, before: true },
            },
          ],
        }),
  }))
  const { error, value } = createEvents(events, {
    calName: roomName,
    productId: 'Renatus',
    method: 'PUBLISH',
  })
  if (error || !value) throw error ?? new Error('no calendar text')
  return foldCalendar(value.replace(/(\r\nMETHOD:PUBLISH)/, `$1\r\nX-WR-TIMEZONE:${timeZone}`))
}
