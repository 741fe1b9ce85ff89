import { CYST_LEAD_D } from '../foods/buying'
import { materialOf } from '../foods/materials'
import { onTheWay, orders } from '../stock/orders'
import type { MaterialStock } from '../stock/materialStock'
import type { RoomState } from '../stock/roomState'
import { daysUntil, lastsSurely } from './burnDown'
import { cystDoubt, cystUse } from './cystUse'
import { meanUse } from './provision'
import { materialUse } from './materialUse'

/** A material that runs short before a parcel ordered tomorrow would be here. */
export interface DueMaterial {
  stock: MaterialStock
  /** Days that it still lasts, as expected. */
  days: number
}

/** Cysts that run short before a parcel ordered tomorrow would be here. */
export interface DueCysts {
  grams: number
  /** Days that they still last, as expected. */
  days: number
}
export interface Due {
  cysts: DueCysts | null
  materials: DueMaterial[]
}

/** Looked so far ahead, days: no parcel takes longer. Ladders are asked for the days until cysts come, which a round knows anyway. */
const AHEAD_D = 28
const LADDER_D = CYST_LEAD_D + 2
const SURELY = 0.95

/** What is to be ordered now, by the same expectation as the stores have (provisions.ts). */
export function dueOrders(state: RoomState): Due {
  const near = cystUse(state, LADDER_D)
  const use = [...near, ...new Array<number>(AHEAD_D - LADDER_D).fill(meanUse(near))]
  return { cysts: dueCysts(state, use), materials: dueMaterials(state, use) }
}

function dueCysts(state: RoomState, use: readonly number[]): DueCysts | null {
  const open = state.lots.filter(l => l.state.gramsLeft > 0 || l.state.gramsPerDay !== null)
  if (open.length === 0) return null
  if (onTheWay(orders(state.entries), state.today).some(o => o.what === 'cysts')) return null
  const grams = open.reduce((g, l) => g + l.state.gramsLeft, 0)
  if (lastsSurely(grams, use, SURELY, cystDoubt(state)) > CYST_LEAD_D + 1) return null
  return { grams, days: daysUntil(grams, use) }
}

function dueMaterials(state: RoomState, cysts: readonly number[]): DueMaterial[] {
  const counted = state.materials.filter(m => m.left !== null && m.record.of !== null)
  if (counted.length === 0) return []
  const use = materialUse(state, cysts)
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
