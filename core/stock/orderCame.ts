import type { Draft, RecordDraft } from '../records/draft'
import { keepingFoods } from './keepingFoods'
import type { Order } from './orders'
import type { RoomState } from './roomState'
import { storeStands } from './storeStands'

/** What of the materials of a room is bought, at the price of its packs. */
function bought(state: RoomState, order: Order, newId: () => string): Draft[] {
  const found = state.materials.find(m => m.record.id === order.materialId)
  if (!found || order.amount === undefined) return []
  const { id, name, unit, packPrice, packSize } = found.record
  const of = { type: 'material', id }
  const price = packPrice !== null && packSize ? (packPrice * order.amount) / packSize : null
  return [
    {
      kind: 'purchase.made',
      subject: of,
      data: { purchaseId: newId(), of, name, amount: order.amount, unit, price, months: null },
    },
  ]
}

/** What is written when an order has come: what does not grow stands in the room from then on, a material with the rest of it. */
export function orderCame(
  state: RoomState,
  order: Order,
  newId: () => string,
): { entries: Draft[]; records: RecordDraft[] } {
  const { orderId, what, foodId } = order
  const data = { orderId, came: true }
  const stored = what === 'food' ? foodId : null
  return {
    records: stored ? keepingFoods(state, [stored]) : [],
    entries: [
      { kind: 'order.came', subject: { type: 'order', id: orderId }, data },
      ...(stored ? [storeStands(stored, newId())] : []),
      ...(what === 'material' ? bought(state, order, newId) : []),
    ],
  }
}
