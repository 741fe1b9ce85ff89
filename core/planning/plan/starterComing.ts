import { orders, onTheWay } from '../../stock/orders'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, localDateOf } from '../../time/localDate'

/** Days that a starter keeps in its bag once it has come; all starts of these days are made from it (working estimate). */
export const STARTER_KEEPS_D = 3
/** A parcel that is late is looked for tomorrow. */
const TOMORROW = 1

const startersOf = (state: RoomState, food: string) =>
  orders(state.entries).filter(o => o.what === 'starter' && o.foodId === food)

/** Whether a starter has come that still waits in its bag. */
export function isInBag(state: RoomState, food: string): boolean {
  const { today, room } = state
  const ageD = (came: string) => daysBetween(localDateOf(came, room.timeZone), today)
  return startersOf(state, food).some(o => o.came !== null && ageD(o.came) <= STARTER_KEEPS_D)
}

/** Whether a starter is still waited for, and none that came is in its bag. */
export const isWaitedFor = (state: RoomState, food: string): boolean =>
  !isInBag(state, food) && onTheWay(startersOf(state, food), state.today).length > 0

/**
 * Days until a starter that was ordered can be started from: 0 where it has come and still waits in its bag.
 * @returns null where none was ordered, it is too old or was given up
 */
export function starterComing(state: RoomState, food: string): number | null {
  const { today } = state
  if (isInBag(state, food)) return 0
  const days = onTheWay(startersOf(state, food), today).map(o =>
    o.comesOn < today ? TOMORROW : daysBetween(today, o.comesOn),
  )
  return days.length > 0 ? Math.min(...days) : null
}
