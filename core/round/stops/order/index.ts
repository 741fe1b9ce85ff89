import type { StopKind } from '../../stopKind'
import { orderDone, orderGiven, type OrderGiven } from './answer'
import { findOrders, type OrderStop } from './find'

export const orderStops: StopKind<OrderStop, OrderGiven> = {
  kind: 'order',
  find: findOrders,
  rank: () => ({ station: 'paper', hygiene: null }),
  fetch: () => [],
  given: orderGiven,
  done: orderDone,
}
