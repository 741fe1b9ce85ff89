import type { RoomState } from '../stock/roomState'
import type { RoundOccurrence } from '../time/rounds'

/** A round that begins from this hour on can be the last before the night. */
const EVENING = '16:00'

/**
 * What is asked at the last round of a day: a page that is closed cannot ring, so hands and eyes go round once.
 * @returns null at any other round
 */
export function bedtimeLine(
  { room, hatches }: Pick<RoomState, 'room' | 'hatches'>,
  current: Pick<RoundOccurrence, 'key'>,
): string | null {
  const last =
    room.rounds
      .map(r => r.at)
      .toSorted()
      .at(-1) ?? ''
  if (last < EVENING || !current.key.endsWith(last)) return null
  const bottles = hatches.filter(h => h.endedAt === null).map(h => h.name)
  const air = bottles.length > 0 ? `air in ${bottles.join(' and ')} and in the tanks` : 'air on'
  return `Before the night: heaters warm and no warmer than yesterday, ${air}, lids on, lamps out.`
}
