import type { CultureReading } from '../estimation/readCulture'
import type { RoomState } from '../stock/roomState'
import { currentRound, roundsAround } from '../time/rounds'
import { cultureStops } from './cultureStops'
import { planStops } from './planStops'
import { buildRound, type Round } from './round'
import type { Stop } from './stop'

/** What cultures and the kept plan add to a round. Apart from the rest: it knows every food and method. */
export function moreStops(state: RoomState, readings: ReadonlyMap<string, CultureReading>): Stop[] {
  const current = currentRound(
    state.now,
    roundsAround(state.now, state.room.rounds, state.room.timeZone, 4, 6),
  )
  return [...planStops(state, current), ...cultureStops(state, readings, current)]
}

/** The whole round. */
export const wholeRound = (
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
): Round => buildRound(state, moreStops(state, readings))
