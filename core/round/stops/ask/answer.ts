import * as z from 'zod'
import type { Draft } from '../../../records/draft'
import { orderCame } from '../../../stock/orderCame'
import type { AnswerContext, Written } from '../../stopKind'
import type { AskStop } from './find'

/** On which day it happened, where it was not today; for a parcel only that it came. */
export const askGiven = z.object({ on: z.iso.date() })
export type AskGiven = z.infer<typeof askGiven>

const SAID = { spawned: 'have spawned', hatched: 'have hatched', free: 'swim free' } as const

export function askDone(stop: AskStop, given: AskGiven | null, c: AnswerContext): Written {
  const { about, subject } = stop
  if (about.what === 'order')
    return { said: `${subject.name}: it is here.`, ...orderCame(c.state, about.order, c.newId) }
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
