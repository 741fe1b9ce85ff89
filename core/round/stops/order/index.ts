import type { StopKind } from '../../stopKind'
import { orderDone, orderGiven, type OrderGiven } from './answer'
import { findOrders, type OrderStop } from './find'
import { orderWords } from './words'

const MINUTES = 2

export const orderStops: StopKind<OrderStop, OrderGiven> = {
  kind: 'order',
  find: findOrders,
  minutes: () => MINUTES,
  rank: () => ({ station: 'paper', hygiene: null }),
  words: orderWords,
  fetch: () => [],
  given: orderGiven,
  done: orderDone,
}
