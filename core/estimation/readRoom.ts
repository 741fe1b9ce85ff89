import type { Entry } from '../records/entries'
import { running } from '../stock/cultures'
import type { RoomState } from '../stock/roomState'
import { readCulture, type CultureReading } from './readCulture'

/** Whether an entry can say something of a culture: its own, a count of it, or what was read of a place. */
export const speaksOf = (e: Entry, id: string): boolean =>
  e.kind === 'place.temperature' || ('cultureId' in e.data && e.data.cultureId === id) || ((e.kind === 'sample.counted' || e.kind === 'water.read') && e.data.of?.id === id)

/** Everything that grows in a room, as it is believed, with the days to come. */
export const readRoom = (state: RoomState): Map<string, CultureReading> => new Map(running(state.cultureStates).flatMap((c) => {
  const found = readCulture(c.record, state.entries.filter(e => speaksOf(e, c.id)), state.learned, state.now, undefined, { places: state.places, ahead: true })
  return found ? [[c.id, found.reading] as const] : []
}))
