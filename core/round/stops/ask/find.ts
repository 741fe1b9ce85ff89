import type { LifeEvent } from '../../../fry/life'
import { edible } from '../../../fry/edibles'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { BroodState } from '../../../stock/broodState'
import { onTheWay, orders, type Order } from '../../../stock/orders'
import { daysBetween } from '../../../time/localDate'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Something that was expected for today or before: has it happened? Until it is answered the expectation stands, and says that it is one. */
export interface AskStop extends StopBase {
  kind: 'ask'
  about:
    | { what: 'brood'; brood: BroodState; event: LifeEvent; on: string }
    | { what: 'order'; order: Order }
}

/** Days for which it is asked: after that it goes without saying. */
const ASKED_FOR_D = 5
const ASKED_WITHIN_H = 1

/** The event of a brood that is next and only expected. */
function openEvent(b: BroodState, today: string): { event: LifeEvent; on: string } | null {
  const { spawned, hatched, free } = b.dates
  if (spawned && !spawned.seen && !hatched?.seen && !free.seen)
    return spawned.on <= today ? { event: 'spawned', on: spawned.on } : null
  if (hatched && !hatched.seen && !free.seen && hatched.on <= today)
    return free.on <= today ? { event: 'free', on: free.on } : { event: 'hatched', on: hatched.on }
  return !free.seen && free.on <= today ? { event: 'free', on: free.on } : null
}

function broods(c: RoundContext): AskStop[] {
  return c.state.broods.flatMap((brood): AskStop[] => {
    const open = openEvent(brood, c.round.date)
    if (!open || !brood.tank || daysBetween(open.on, c.round.date) > ASKED_FOR_D) return []
    return [
      {
        kind: 'ask',
        key: stopKey('ask', brood.id, c.round.key),
        subject: { type: 'brood', id: brood.id, name: brood.name },
        placeId: brood.tank.placeId,
        cautions: [],
        // It is asked on its day, early in line, and goes on with the expectation until it is answered.
        must: false,
        waitsH: ASKED_WITHIN_H,
        about: { what: 'brood', brood, ...open },
      },
    ]
  })
}

function parcels(c: RoundContext): AskStop[] {
  const due = onTheWay(orders(c.state.entries), c.round.date).filter(o => o.comesOn <= c.round.date)
  return due.map(order => {
    const food = order.foodId ? edible(order.foodId)?.name : undefined
    const material = c.state.materials.find(m => m.record.id === order.materialId)?.record.name
    return {
      kind: 'ask',
      key: stopKey('ask', order.orderId, c.round.key),
      subject: { type: 'order', id: order.orderId, name: food ?? material ?? 'Cysts' },
      placeId: null,
      cautions: [],
      must: false,
      waitsH: ASKED_WITHIN_H,
      about: { what: 'order', order },
    }
  })
}

export function findAsks(c: RoundContext): AskStop[] {
  if (c.round.feedingOnly) return []
  return [...parcels(c), ...broods(c)].filter(
    s => !wasAnswered(c.state, c.round.key, 'ask', s.subject.id),
  )
}
