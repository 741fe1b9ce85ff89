import { backupOf } from '../stock/lines'
import type { RoomState } from '../stock/roomState'
import type { LocalDate } from '../time/localDate'
import type { Tended } from './amounts'
import { startsLeft, startStates } from './plan/keptPlan'
import { tending, type Tending } from './tending'

/** The day on which the kept plan begins a second vessel of a food; null where it begins none. */
export function secondVesselOn(
  { entries, cultureStates, today }: RoomState,
  foodId: string,
): LocalDate | null {
  const days = startsLeft(startStates(entries, cultureStates), today)
    .filter(s => s.food === foodId)
    .map(s => s.on)
  return days.sort()[0] ?? null
}

/**
 * What falls due at a culture of a room, the earliest first. A lone vessel of which the kept plan begins a second is not split
 * besides: the plan has asked when there is food, room and time for one.
 */
export function tendingIn(state: RoomState, v: Tended): Tending[] {
  const due = tending(v, backupOf(state.cultureStates, v.culture.id))
  if (due.every(t => t.kind !== 'split')) return due
  const planned = secondVesselOn(state, v.culture.record.foodId) !== null
  return planned ? due.filter(t => t.kind !== 'split') : due
}
