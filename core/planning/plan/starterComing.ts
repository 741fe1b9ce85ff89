import { orders, onTheWay } from '../../stock/orders'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, localDateOf } from '../../time/localDate'

/** Days that a starter keeps in its bag once it has come; all starts of these days are made from it (working estimate). */
export const STARTER_KEEPS_D = 3
/** A parcel that is late is looked for tomorrow. */
const TOMORROW = 1

/**
 * Days until a starter that was ordered can be started from: 0 where it has come and still waits in its bag.
 * @returns null where none was ordered, it is too old or was given up
 */
export function starterComing(state: RoomState, food: string): number | null {
  const { today, room } = state
  const mine = orders(state.entries).filter(o => o.what === 'starter' && o.foodId === food)
  const waits = mine.some(
    ({ came }) =>
      came !== null && daysBetween(localDateOf(came, room.timeZone), today) <= STARTER_KEEPS_D,
  )
  if (waits) return 0
  const days = onTheWay(mine, today).map(o =>
    o.comesOn < today ? TOMORROW : daysBetween(today, o.comesOn),
  )
  return days.length > 0 ? Math.min(...days) : null
}
