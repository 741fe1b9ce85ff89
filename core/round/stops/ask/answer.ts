import * as z from 'zod'
import type { Draft } from '../../../records/draft'
import type { Order } from '../../../stock/orders'
import { keepingFoods } from '../../../stock/keepingFoods'
import { storeStands } from '../../../stock/storeStands'
import type { AnswerContext, Written } from '../../stopKind'
import type { AskStop } from './find'

/** On which day it happened, where it was not today; for a parcel only that it came. */
export const askGiven = z.object({ on: z.iso.date() })
export type AskGiven = z.infer<typeof askGiven>

const SAID = { spawned: 'have spawned', hatched: 'have hatched', free: 'swim free' } as const

export function askDone(stop: AskStop, given: AskGiven | null, c: AnswerContext): Written {
  const { about, subject } = stop
  if (about.what === 'order') return orderCame(about.order, subject.name, c)
  const on = given?.on ?? c.state.today
  return {
    said: `${subject.name}: they ${SAID[about.event]}.`,
    records: [],
    entries: [
      {
        kind: 'brood.event',
        subject: { type: 'brood', id: about.brood.id },
        data: { broodId: about.brood.id, event: about.event, on },
      },
    ],
  }
}

/** A food that does not grow stands in the room as soon as it has come. */
function orderCame({ orderId, what, foodId }: Order, name: string, c: AnswerContext): Written {
  const data = { orderId, came: true }
  const stored = what === 'food' ? foodId : null
  return {
    said: `${name}: it is here.`,
    records: stored ? keepingFoods(c.state, [stored]) : [],
    entries: [
      { kind: 'order.came', subject: { type: 'order', id: orderId }, data },
      ...(stored ? [storeStands(stored, c.newId())] : []),
    ],
  }
}

/** Not yet: it is expected for tomorrow at the earliest. */
export function askNotNow(stop: AskStop, c: AnswerContext): Draft[] {
  const { about } = stop
  if (about.what !== 'brood') return []
  return [
    {
      kind: 'brood.awaited',
      subject: { type: 'brood', id: about.brood.id },
      data: { broodId: about.brood.id, event: about.event, on: c.state.today },
    },
  ]
}

/** No more: the spawn is not hoped for any longer; a parcel is not waited for. */
export function askEnough(stop: AskStop, c: AnswerContext): Written {
  const { about, subject } = stop
  if (about.what === 'order') {
    const data = { orderId: about.order.orderId, came: false }
    return {
      said: `${subject.name}: not waited for any more.`,
      records: [],
      entries: [{ kind: 'order.came', subject: { type: 'order', id: data.orderId }, data }],
    }
  }
  return {
    said: `${subject.name} is not waited for any more.`,
    records: [],
    entries: [
      {
        kind: 'brood.ended',
        subject: { type: 'brood', id: about.brood.id },
        data: { broodId: about.brood.id, on: c.state.today, reason: 'did not come' },
      },
    ],
  }
}
