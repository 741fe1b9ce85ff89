import type { MaterialStock } from './materialStock'
import type { FoodMethod } from '../foods/contract'

/** So much of a mix that stands ready, and of plain water to fill up. */
export interface FromMix {
  materialId: string
  name: string
  ml: number
  waterMl: number
}

const ENOUGH = 1e-6

/** Stock brine that brings the salt of a bottle; null where none is strong enough, or too little stands. */
export function brineFor(
  materials: readonly MaterialStock[],
  waterL: number,
  saltG: number,
): FromMix | null {
  for (const { record, left } of materials) {
    if (record.of !== 'stock-brine' || record.saltGL === null || left === null) continue
    const ml = (saltG / record.saltGL) * 1000
    const waterMl = waterL * 1000 - ml
    if (saltG <= 0 || waterMl < -ENOUGH || ml > left + ENOUGH) continue
    return { materialId: record.id, name: record.name, ml, waterMl: Math.max(0, waterMl) }
  }
  return null
}

/** What a recipe mixes anew and stands mixed already, for all vessels of a start; null where there is too little. */
export function premixedFor(
  materials: readonly MaterialStock[],
  method: Pick<FoodMethod, 'premixed'>,
  litres: number,
): FromMix | null {
  const { premixed } = method
  if (!premixed) return null
  const ml = premixed.perL * litres
  const found = materials.find(m => m.record.of === premixed.of && (m.left ?? 0) >= ml - ENOUGH)
  return found ? { materialId: found.record.id, name: found.record.name, ml, waterMl: 0 } : null
}
