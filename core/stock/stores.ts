import { energyLeft } from '../dynamics/hatch/energyLoss'
import { HATCH } from '../dynamics/hatch/parameters'
import type { Entry, EntryOf } from '../records/entries'
import type { HandUnit, StoreKeep } from '../records/vocabulary'
import { addHours, hoursBetween, toMs, type Instant } from '../time/localDate'

/** Food that no longer grows: chilled, frozen, in brine or dry; with an amount, a decay and a use-by. */
export interface Store {
  id: string
  name: string
  foodId: string
  keep: StoreKeep
  unit: HandUnit
  storedAt: Instant
  /** Left, in the unit; null where nobody measured. */
  amount: number | null
  /** Animals or grains left; null where nobody measured. */
  organisms: number | null
  /** Animals or grains in one unit; null where that is not known. */
  perUnit: number | null
  /** Energy of one animal now, full yolk = 1. What is frozen or dry keeps what it had. */
  energy: number
  /** Until when it is good; null without end. */
  useBy: Instant | null
  /** The culture it came out of. */
  fromId: string | null
}

type Fill = EntryOf<'store.filled'>

/** Days that decapsulated cysts keep in saturated brine, cold (Lavens & Sorgeloos 1996: weeks to months). */
const BRINE_DAYS = 60

/** What nauplii in the fridge lose; all other stores keep what they had. */
const energyNow = ({ at, data }: Fill, now: Instant): number =>
  data.keep === 'fridge'
    ? data.energy * energyLeft(HATCH.fridgeC, Math.max(0, hoursBetween(at, now)))
    : data.energy

function useByOf({ at, data }: Fill): Instant | null {
  if (data.useBy !== null) return data.useBy
  if (data.keep === 'fridge') return addHours(at, HATCH.fridgeHoldH)
  return data.keep === 'brine' ? addHours(at, BRINE_DAYS * 24) : null
}

/** What was taken out of stores, counted and thrown out, by store and in order of time. */
export type StoreMoves = ReadonlyMap<string, readonly Entry[]>

const storeIdsOf = (e: Entry): string[] => {
  switch (e.kind) {
    case 'store.counted':
    case 'store.portioned':
    case 'store.discarded':
      return [e.data.storeId]
    case 'tank.fed':
      return e.data.portions.flatMap(p => (p.source?.kind === 'store' ? [p.source.id] : []))
    default:
      return []
  }
}

/** Entries that change what a store holds, by its id. Worked out once for a log. */
export function storeMoves(entries: readonly Entry[]): StoreMoves {
  const moves = new Map<string, Entry[]>()
  for (const e of entries) {
    for (const id of new Set(storeIdsOf(e))) {
      const mine = moves.get(id)
      if (mine) mine.push(e)
      else moves.set(id, [e])
    }
  }
  return moves
}

/** Units that a portion took out of a store. */
function portionUnits(e: EntryOf<'tank.fed'>, storeId: string, perUnit: number | null): number {
  let units = 0
  for (const p of e.data.portions) {
    if (p.source?.kind !== 'store' || p.source.id !== storeId) continue
    units += perUnit !== null && perUnit > 0 ? p.organisms / perUnit : (p.amount?.value ?? 0)
  }
  return units
}

/** Units left of what a store began with: a count sets it, what was taken since comes off. */
export function unitsLeft(
  id: string,
  began: number,
  perUnit: number | null,
  moves: StoreMoves,
): number {
  let left = began
  for (const e of moves.get(id) ?? []) {
    if (e.kind === 'store.counted') left = e.data.amount
    else if (e.kind === 'store.portioned') left -= e.data.amount
    else if (e.kind === 'store.discarded') left = e.data.amount === null ? 0 : left - e.data.amount
    else if (e.kind === 'tank.fed') left -= portionUnits(e, id, perUnit)
  }
  return Math.max(0, left)
}

const wasThrownOut = (id: string, moves: StoreMoves) =>
  (moves.get(id) ?? []).some(e => e.kind === 'store.discarded' && e.data.amount === null)

/** One store as it is now; null once it is empty or thrown out. */
function storeOf(fill: Fill, now: Instant, moves: StoreMoves): Store | null {
  const { at, data } = fill
  if (wasThrownOut(data.storeId, moves)) return null
  const { organisms, amount } = data
  const perUnit = organisms !== null && amount !== null ? organisms / amount : null
  // Where only animals were counted, each animal is a unit of its own.
  const began = amount ?? organisms
  const each = amount === null && organisms !== null ? 1 : perUnit
  const left = began === null ? null : unitsLeft(data.storeId, began, each, moves)
  const organismsLeft = left === null || each === null ? null : left * each
  if (left !== null && (left <= 1e-6 || (organismsLeft !== null && organismsLeft < 1))) return null
  return {
    id: data.storeId,
    name: data.name,
    foodId: data.foodId,
    keep: data.keep,
    unit: data.unit,
    storedAt: at,
    amount: amount === null ? null : left,
    organisms: organismsLeft,
    perUnit,
    energy: energyNow(fill, now),
    useBy: useByOf(fill),
    fromId: data.fromId,
  }
}

/** Stores that still hold something, oldest first. Boxes of gel stand in gelBoxes.ts. */
export function storesNow(
  entries: readonly Entry[],
  now: Instant,
  moves: StoreMoves = storeMoves(entries),
): Store[] {
  const found = entries.flatMap(e =>
    e.kind === 'store.filled' ? (storeOf(e, now, moves) ?? []) : [],
  )
  return found.sort((a, b) => toMs(a.storedAt) - toMs(b.storedAt))
}

/** A store whose time is over. */
export const isPastUseBy = (s: Pick<Store, 'useBy'>, now: Instant) =>
  s.useBy !== null && toMs(s.useBy) < toMs(now)
