import type { MaterialUnit, OrderKind } from '@renatus/core/records/vocabulary'
import type { Purchase } from '@renatus/core/provision/shopping'
import { orderCame } from '@renatus/core/stock/orderCame'
import type { Order } from '@renatus/core/stock/orders'
import { newId } from '~/db/newId'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { useUndo } from './useUndo'

/** A purchase as it is written down. */
export const purchaseOf = (
  of: { type: string; id: string; name: string },
  amount: number,
  unit: MaterialUnit,
  price: number | null,
): Draft => ({
  kind: 'purchase.made',
  subject: { type: of.type, id: of.id },
  data: {
    purchaseId: newId(),
    of: { type: of.type, id: of.id },
    name: of.name,
    amount,
    unit,
    price,
    months: null,
  },
})

/** What the log can follow until it comes; powder of gel is told to its kitchen. */
type Orderable = Purchase & { what: OrderKind }
export const canOrder = (p: Purchase): p is Orderable => p.what !== 'powder'

const TIN_IS_HERE = 'The cysts are here: add the tin below, under Cysts.'

/** What is bought, ordered and come, written to the log. */
export function useMaterials() {
  const room = useRoomStore()
  const undo = useUndo()
  async function write(drafts: readonly Draft[], said: string) {
    const result = await room.write(drafts)
    if (result.ok) undo.offer(result.act, said)
  }
  /** It is on its way: the list does not ask for it again before it should be here. */
  function order(p: Orderable) {
    const orderId = newId()
    const isStart = p.what === 'starter'
    return write(
      [
        {
          kind: 'order.placed',
          subject: { type: 'order', id: orderId },
          data: {
            orderId,
            what: p.what,
            foodId: p.foodId,
            startId: isStart ? p.id : null,
            comesOn: p.comes,
            materialId: isStart ? null : p.id,
            amount: p.amount,
          },
        },
      ],
      `${p.name} is ordered.`,
    )
  }
  /** It has come: it stands with the rest from now on. */
  async function came(o: Order, name: string) {
    const { entries, records } = orderCame(room.state!, o, newId)
    const result = await room.write(entries, null, records)
    if (!result.ok) return
    // What hatches of a tin and how much is in it, only its label says.
    undo.offer(result.act, o.what === 'cysts' ? TIN_IS_HERE : `${name}: it is here.`)
  }
  const gaveUp = (o: Order) =>
    write(
      [
        {
          kind: 'order.came',
          subject: { type: 'order', id: o.orderId },
          data: { orderId: o.orderId, came: false },
        },
      ],
      'It is not waited for any more.',
    )

  return { order, came, gaveUp }
}
