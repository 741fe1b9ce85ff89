import { running } from '../stock/cultures'
import type { RoomState } from '../stock/roomState'
import { entriesByCulture } from './entriesByCulture'
import { readCulture, type CultureReading } from './readCulture'
import type { ReplayMemory } from './replay'

/**
 * Everything that grows in a room, as it is believed.
 * @param memories where each reading stood; the next one goes on from there
 * @param ahead with the days to come, which take most of the work
 */
export function readRoom(
  state: RoomState,
  memories = new Map<string, ReplayMemory>(),
  ahead = true,
): Map<string, CultureReading> {
  const of = entriesByCulture(state.entries)
  return new Map(
    running(state.cultureStates).flatMap(c => {
      const options = { places: state.places, ahead }
      const memory = memories.get(c.id)
      const found = readCulture(c.record, of(c.id), state.learned, state.now, memory, options)
      if (!found) return []
      memories.set(c.id, found.memory)
      return [[c.id, found.reading] as const]
    }),
  )
}
