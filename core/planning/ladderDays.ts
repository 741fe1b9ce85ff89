import type { LadderDay } from '../fry/ladder'
import { broodLadder } from '../stock/broodLadder'
import type { BroodState } from '../stock/broodState'
import type { RoomState } from '../stock/roomState'
import { daysBetween, type LocalDate } from '../time/localDate'

/** Looks up a brood's ladder day by local date. */
export type DayOf = (brood: BroodState, date: LocalDate) => LadderDay | null

/** Ladder days of every feeding brood for the local dates of some rounds, worked out once. */
export function ladderDays(state: RoomState, dates: readonly LocalDate[]): DayOf {
  const first = dates.reduce((a, b) => (b < a ? b : a))
  const last = dates.reduce((a, b) => (b > a ? b : a))
  const found = new Map<string, LadderDay>()
  for (const brood of state.broods) {
    const from = Math.max(0, daysBetween(brood.freeOn, first))
    const to = daysBetween(brood.freeOn, last)
    if (to < 0) continue
    for (const day of broodLadder(brood, state.room, from, to - from + 1))
      found.set(`${brood.id} ${day.day}`, day)
  }
  return (brood, date) => found.get(`${brood.id} ${daysBetween(brood.freeOn, date)}`) ?? null
}
