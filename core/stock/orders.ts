import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import { daysBetween, type Instant, type LocalDate } from '../time/localDate'

/** Something that was ordered, until it comes. */
export interface Order extends EntryData<'order.placed'> {
  placedAt: Instant
  came: Instant | null
  /** Nobody waits for it: it came, or was given up. */
  closed: boolean
}

/** Orders of the log, the oldest first. */
export function orders(entries: readonly Entry[]): Order[] {
  const ends = new Map(ofKind(entries, 'order.came').map(e => [e.data.orderId, e]))
  return ofKind(entries, 'order.placed').map(e => ({
    ...e.data,
    placedAt: e.at,
    came: ends.get(e.data.orderId)?.data.came ? ends.get(e.data.orderId)!.at : null,
    closed: ends.has(e.data.orderId),
  }))
}

/** Days after which an order that has not come is taken for lost, and ordered again. */
const GIVEN_UP_D = 10

/** What is on its way: ordered, not come, and not so late that nobody counts on it. */
export const onTheWay = (all: readonly Order[], today: LocalDate): Order[] =>
  all.filter(o => !o.closed && daysBetween(o.comesOn, today) <= GIVEN_UP_D)
