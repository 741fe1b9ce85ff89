import { NAUPLII } from '../../foods/hatchProfile'
import { running } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'
import { lotInUse } from '../../stock/lotInUse'

/** What grows here, ready or not, and what is kept: a food of which there is any does not lack. */
export const kindsHere = (state: RoomState): Set<string> =>
  new Set([
    ...running(state.cultureStates).map(c => c.record.foodId),
    ...state.stores.map(s => s.foodId),
    ...(state.hatchVessels.length > 0 && lotInUse(state) ? [NAUPLII] : []),
    ...state.hatches.filter(h => h.endedAt === null).map(() => NAUPLII),
  ])
