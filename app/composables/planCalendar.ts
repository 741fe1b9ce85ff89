import type { EventAttributes } from 'ics'
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
  return folded(value.replace(/(\r\nMETHOD:PUBLISH)/, `$1\r\nX-WR-TIMEZONE:${timeZone}`))
}

const MOST_OCTETS = 75

/** Lines of at most 75 octets (RFC 5545, 3.1). The package counts characters, and a quotation mark is three octets. */
function folded(text: string): string {
  const octets = new TextEncoder()
  return text
    .replace(/\r?\n[ \t]/g, '')
    .split(/\r?\n/)
    .map(line => {
      const parts: string[] = []
      let part = ''
      let length = 0
      for (const character of line) {
        const size = octets.encode(character).length
        if (length + size > MOST_OCTETS) {
          parts.push(part)
          part = ' '
          length = 1
        }
        part += character
        length += size
      }
      return [...parts, part].join('\r\n')
    })
    .join('\r\n')
}
