import type { StopTelling } from '../../stopKind'
import type { OrderStop } from './find'
import { orderWords } from './words'

const MINUTES = 2

export const orderTelling: StopTelling<OrderStop> = {
  kind: 'order',
  words: orderWords,
  minutes: () => MINUTES,
}
