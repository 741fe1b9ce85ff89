import * as z from 'zod'
import { dayText } from '../../../time/dayText'
import type { AnswerContext, Written } from '../../stopKind'
import type { OrderStop } from './find'

/** When it is to come. */
export const orderGiven = z.object({ comesOn: z.iso.date() })
export type OrderGiven = z.infer<typeof orderGiven>

export function orderDone(stop: OrderStop, given: OrderGiven | null, c: AnswerContext): Written {
  const orderId = c.newId()
  const comesOn = given?.comesOn ?? stop.comesOn
  return {
    said: `The order is written down. It is asked for on ${dayText(comesOn)}.`,
    records: [],
    entries: [
      {
        kind: 'order.placed',
        subject: { type: 'order', id: orderId },
        data: {
          orderId,
          what: stop.what,
          foodId: stop.foodId,
          startId: stop.start?.id ?? null,
          comesOn,
          materialId: stop.material?.id ?? null,
          ...(stop.material ? { amount: stop.material.pack } : {}),
        },
      },
    ],
  }
}
