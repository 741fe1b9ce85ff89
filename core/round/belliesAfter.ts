import { ladderDays } from '../planning/ladderDays'
import { wasAnswered } from '../planning/reckoning/answered'
import { fedAt } from '../planning/reckoning/want'
import type { BroodState } from '../stock/broodState'
import type { RoomState } from '../stock/roomState'
import { addHours, type Instant } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import { bellyAsks, type BellyAsk } from './stops/tank/tasks'

/** Hours after a meal from which a belly tells whether it was eaten. */
const TELLS_AFTER_H = 0.25

/** Bellies to look at once the meal has had its time. */
export interface BelliesAfter extends BellyAsk {
  from: Instant
}

/** Broods that were fed at a round and whose bellies nobody has looked at since. */
export function belliesAfter(state: RoomState, round: RoundOccurrence): BelliesAfter[] {
  const dayOf = ladderDays(state, [round.date])
  const today = (b: BroodState) => dayOf(b, round.date)
  return state.tanks.flatMap(tank => {
    if (!wasAnswered(state, round.key, 'tank', tank.id)) return []
    const meal = fedAt(state, tank.id, round.key).findLast(e =>
      e.data.portions.some(p => p.organisms > 0),
    )
    if (!meal) return []
    const from = addHours(meal.at, TELLS_AFTER_H)
    const food = meal.data.portions.find(p => p.organisms > 0)!.foodId
    return bellyAsks(state, tank.id, today, food).map(ask => ({ ...ask, from }))
  })
}
