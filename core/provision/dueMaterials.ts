import { materialOf } from '../foods/materials'
import { onTheWay, orders } from '../stock/orders'
import type { MaterialStock } from '../stock/materialStock'
import type { RoomState } from '../stock/roomState'
import { daysUntil, lastsSurely } from './burnDown'
import { materialUse } from './materialUse'

/** A material that runs short before a parcel ordered tomorrow would be here. */
export interface DueMaterial {
  stock: MaterialStock
  /** Days that it still lasts, as expected. */
  days: number
}

/** Looked so far ahead, days: no parcel of a material takes longer. */
const AHEAD_D = 28
const SURELY = 0.95

/**
 * Materials to order now. By what hatches took of cysts of late: a round looks a few days ahead, and has no time for the ladders of
 * months (provisions.ts).
 */
export function dueMaterials(state: RoomState): DueMaterial[] {
  const counted = state.materials.filter(m => m.left !== null && m.record.of !== null)
  if (counted.length === 0) return []
  const cystsADay = state.lots.reduce((g, l) => g + (l.state.gramsPerDay ?? 0), 0)
  const use = materialUse(state, new Array<number>(AHEAD_D).fill(cystsADay))
  const coming = new Set(onTheWay(orders(state.entries), state.today).map(o => o.materialId))
  return counted.flatMap(stock => {
    const { id, of, least, leadDays } = stock.record
    const expected = use.get(of!)
    if (!expected || coming.has(id) || materialOf(of!).insteadOf) return []
    const stands = Math.max(0, stock.left! - least)
    const { byDay, doubt } = expected
    if (lastsSurely(stands, byDay, SURELY, doubt) > leadDays + 1) return []
    return [{ stock, days: daysUntil(stock.left!, byDay) }]
  })
}
