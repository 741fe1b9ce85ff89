import type { Entry } from '../records/entries'
import { running } from '../stock/cultures'
import type { RoomState } from '../stock/roomState'
import { readCulture, type CultureReading } from './readCulture'
import type { ReplayMemory } from './replay'

/** Whether an entry can say something of a culture: its own, a count of it, or what was read of a place. */
const speaksOf = (e: Entry, id: string): boolean =>
  e.kind === 'place.temperature' ||
  ('cultureId' in e.data && e.data.cultureId === id) ||
  ((e.kind === 'sample.counted' || e.kind === 'water.read') && e.data.of?.id === id)

/**
 * Everything that grows in a room, as it is believed, with the days to come.
 * @param memories where each reading stood; the next one goes on from there
 */
export const readRoom = (
  state: RoomState,
  memories = new Map<string, ReplayMemory>(),
): Map<string, CultureReading> =>
  new Map(
    running(state.cultureStates).flatMap(c => {
      const found = readCulture(
        c.record,
        state.entries.filter(e => speaksOf(e, c.id)),
        state.learned,
        state.now,
        memories.get(c.id),
        { places: state.places, ahead: true },
      )
      if (!found) return []
      memories.set(c.id, found.memory)
      return [[c.id, found.reading] as const]
    }),
  )
