import { orders, onTheWay } from '../../stock/orders'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, localDateOf } from '../../time/localDate'

/** Days that a starter keeps in its bag once it has come (working estimate). */
const KEEPS_D = 3
/** A parcel that is late is looked for tomorrow. */
const TOMORROW = 1

/**
 * Days until a starter that was ordered can be started from: 0 where it has come and still waits in its bag.
 * @returns null where none was ordered, or it was used or given up
 */
export function starterComing(state: RoomState, food: string): number | null {
  const { today, room } = state
  const mine = orders(state.entries).filter(o => o.what === 'starter' && o.foodId === food)
  const waits = mine.some(o => {
    const { came } = o
    if (came === null || daysBetween(localDateOf(came, room.timeZone), today) > KEEPS_D)
      return false
    return !state.cultures.some(c => c.foodId === food && c.startedAt >= came)
  })
  if (waits) return 0
  const days = onTheWay(mine, today).map(o =>
    o.comesOn < today ? TOMORROW : daysBetween(today, o.comesOn),
  )
  return days.length > 0 ? Math.min(...days) : null
}
