import type { MaterialId } from '../records/vocabulary'
import { ofKind } from '../records/effectiveEntries'
import type { MaterialUse } from './materialUses'
import type { RoomState } from './roomState'

/** What a unit of each thing costs in this room; what nobody has priced costs nothing, and is named. */
export interface Prices {
  ofUse(use: MaterialUse): number
  perGramOfLot(lotId: string): number
  /** A unit of a store; 0 where it was not bought. */
  perUnitOfStore(storeId: string): number
}

export function prices(state: RoomState): Prices {
  const byRecord = new Map(state.materials.map(m => [m.record.id, m.pricePerUnit ?? 0]))
  const byMaterial = new Map<MaterialId, number>()
  for (const { record, pricePerUnit } of state.materials) {
    if (record.of !== null && pricePerUnit !== null && !byMaterial.has(record.of))
      byMaterial.set(record.of, pricePerUnit)
  }
  const lots = new Map(state.lots.map(l => [l.lot.id, l.state.pricePerGram ?? 0]))
  const stores = new Map(
    ofKind(state.entries, 'purchase.made')
      .filter(e => e.data.of.type === 'store' && e.data.price !== null)
      .map(e => [e.data.of.id, e.data.price! / e.data.amount]),
  )
  return {
    ofUse: ({ of, materialId, amount }) =>
      amount * ((of === null ? byRecord.get(materialId ?? '') : byMaterial.get(of)) ?? 0),
    perGramOfLot: id => lots.get(id) ?? 0,
    perUnitOfStore: id => stores.get(id) ?? 0,
  }
}
