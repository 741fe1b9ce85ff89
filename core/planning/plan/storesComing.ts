import { onTheWay, orders } from '../../stock/orders'
import type { RoomState } from '../../stock/roomState'
import { GEL_ID } from '../../stock/gelNeed'
import { daysBetween } from '../../time/localDate'

/** Days until a food that does not grow is here: 0 where it stands, null where nobody has or awaits any. */
export function comesInDays(state: RoomState, food: string): number | null {
  // Gel is cooked when it is wanted; its kitchen says what for.
  if (food === GEL_ID || state.stores.some(s => s.foodId === food)) return 0
  const mine = onTheWay(orders(state.entries), state.today).filter(o => o.foodId === food)
  if (mine.length === 0) return null
  return Math.max(1, Math.min(...mine.map(o => daysBetween(state.today, o.comesOn))))
}
