import { ofKind } from '../records/effectiveEntries'
import { compare } from '../math/compare'
import type { Entry } from '../records/entries'
import type { CultureRecord, MaterialRecord } from '../records/records'
import type { Instant } from '../time/localDate'
import { materialUses, type MaterialUse } from './materialUses'
import type { Settled } from './settled'

/** A material of the room as it stands. */
export interface MaterialStock {
  record: MaterialRecord
  /** In its unit; null where nobody has counted or bought any. */
  left: number | null
  /** By the log more was used than there was: it is to be counted. */
  overdrawn: boolean
  /** When it last came, and when it was last counted. */
  cameAt: Instant | null
  countedAt: Instant | null
  /** Of the last purchase with a price, else of the pack; null where nobody has said. */
  pricePerUnit: number | null
}

/** What changes an amount: it comes, it goes, or it is counted. */
interface Move {
  at: Instant
  materialId: string
  by: number
  /** What there was, whatever was reckoned before. */
  counted: number | null
}

function purchases(entries: readonly Entry[]): Move[] {
  return ofKind(entries, 'purchase.made')
    .filter(e => e.data.of.type === 'material')
    .map(e => ({ at: e.at, materialId: e.data.of.id, by: e.data.amount, counted: null }))
}
const mixings = (entries: readonly Entry[]): Move[] =>
  ofKind(entries, 'material.mixed').map(e => ({
    at: e.at,
    materialId: e.data.materialId,
    by: e.data.amount,
    counted: null,
  }))
const counts = (entries: readonly Entry[]): Move[] =>
  ofKind(entries, 'material.counted').map(e => ({
    at: e.at,
    materialId: e.data.materialId,
    by: 0,
    counted: e.data.amount,
  }))

/**
 * Uses as moves of records. What a recipe calls for is taken from the first record of that name that still holds some; where none
 * does, from the first: it goes below nothing, and is asked to be counted.
 */
function apply(
  left: Map<string, number>,
  use: MaterialUse,
  materials: readonly MaterialRecord[],
): void {
  const of = use.of
  const id = of === null ? use.materialId : holderOf(left, of, materials)
  if (id === null || !left.has(id)) return
  left.set(id, left.get(id)! - use.amount)
}
function holderOf(
  left: ReadonlyMap<string, number>,
  of: MaterialUse['of'],
  materials: readonly MaterialRecord[],
): string | null {
  const mine = materials.filter(m => m.of === of && left.has(m.id))
  return (mine.find(m => left.get(m.id)! > 0) ?? mine[0])?.id ?? null
}

/** Amounts that are left, by record, of those of which anything is known; below 0 where more was used than came. */
export function materialAmounts(
  materials: readonly MaterialRecord[],
  cultures: readonly CultureRecord[],
  entries: readonly Entry[],
  settled: Pick<Settled, 'before' | 'materials'>,
): Map<string, number> {
  const left = new Map(Object.entries(settled.materials))
  // A room that keeps none is not worked through for them.
  if (materials.length === 0) return left
  const since = entries.filter(e => e.at >= settled.before)
  const moves = [...purchases(since), ...mixings(since), ...counts(since)]
  const uses = materialUses(since, cultures, materials)
  const events: { at: Instant; move?: Move; use?: MaterialUse }[] = [
    ...moves.map(move => ({ at: move.at, move })),
    ...uses.map(use => ({ at: use.at, use })),
  ]
  // Of one instant: what comes and what is counted first.
  events.sort((a, b) => compare(a.at, b.at) || (a.move ? 0 : 1) - (b.move ? 0 : 1))
  for (const { move, use } of events) {
    if (move) left.set(move.materialId, move.counted ?? (left.get(move.materialId) ?? 0) + move.by)
    else apply(left, use!, materials)
  }
  return left
}

/** Every material of the room. */
export function materialStocks(
  materials: readonly MaterialRecord[],
  cultures: readonly CultureRecord[],
  entries: readonly Entry[],
  settled: Pick<Settled, 'before' | 'materials'>,
): MaterialStock[] {
  const left = materialAmounts(materials, cultures, entries, settled)
  const bought = ofKind(entries, 'purchase.made')
  const counted = ofKind(entries, 'material.counted')
  return materials.map(record => {
    const mine = bought.filter(e => e.data.of.id === record.id)
    const priced = mine.filter(e => e.data.price !== null).at(-1)?.data
    const byPack =
      record.packPrice !== null && record.packSize ? record.packPrice / record.packSize : null
    const amount = left.get(record.id)
    return {
      record,
      left: amount === undefined ? null : Math.max(0, amount),
      overdrawn: amount !== undefined && amount < -1e-9,
      cameAt: mine.at(-1)?.at ?? null,
      countedAt: counted.filter(e => e.data.materialId === record.id).at(-1)?.at ?? null,
      pricePerUnit: priced ? priced.price! / priced.amount : byPack,
    }
  })
}
