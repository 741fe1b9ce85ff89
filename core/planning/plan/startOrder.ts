import { onTheWay, orders } from '../../stock/orders'
import type { RoomState } from '../../stock/roomState'
import type { LocalDate } from '../../time/localDate'

/** The starter of a start, until it is here: to be ordered by a day, or expected on one. */
export interface StartOrder {
  state: 'to order' | 'ordered' | 'due' | 'late'
  on: LocalDate
}

/** A start as far as its order goes. */
export interface Orderable {
  id: string
  orderBy: LocalDate | null
}

function waiting(comesOn: LocalDate, today: LocalDate): StartOrder['state'] {
  if (comesOn === today) return 'due'
  return comesOn < today ? 'late' : 'ordered'
}

/** What has become of the order of a start; null where it needs none, or none any more. */
export function startOrder(state: RoomState, s: Orderable): StartOrder | null {
  const mine = orders(state.entries).filter(o => o.startId === s.id)
  const coming = onTheWay(mine, state.today)[0]
  if (coming) return { state: waiting(coming.comesOn, state.today), on: coming.comesOn }
  if (s.orderBy === null || mine.some(o => o.came !== null)) return null
  return { state: 'to order', on: s.orderBy < state.today ? state.today : s.orderBy }
}
