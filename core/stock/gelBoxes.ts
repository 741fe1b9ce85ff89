import { binderOf, type Binder } from '../gel/binders'
import { massBalance } from '../gel/batch'
import { dryFraction } from '../gel/portion'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryOf } from '../records/entries'
import type { GelMix } from '../records/records'
import type { ColdStore } from '../records/vocabulary'
import { NOTHING_SETTLED, type Settled } from './settled'
import { storeMoves, unitsLeft, type StoreMoves } from './stores'
import { addHours, localDateOf, type Instant, type LocalDate } from '../time/localDate'

/** Days gel keeps its worth frozen, and is safe in the fridge (food-safety practice, working estimate). */
export const KEEPS_DAYS: Record<ColdStore, number> = { freezer: 91, fridge: 4 }

/** A box of gel pieces, as it is now. */
export interface GelBox {
  id: string
  name: string
  mixId: string
  store: ColdStore
  madeAt: Instant
  useBy: Instant
  pieces: number
  piecesMade: number
  pieceMm: number | null
  /** Wet weight and dry matter of one piece. */
  pieceG: number
  pieceDryMg: number
  /** Share of dry matter, protein in percent of it. */
  dry: number
  protein: number
  binder: Binder
}

export const useByOf = (store: ColdStore, madeAt: Instant): Instant =>
  addHours(madeAt, KEEPS_DAYS[store] * 24)

/** What a batch weighs where it landed, g. */
export const landedG = (d: EntryOf<'gel.cooked'>['data']): number => {
  const left = ((d.powderG + d.waterMl) * (d.leftMl / (d.filledMl + d.leftMl))) / (1 + d.lossShare)
  return massBalance({
    powderG: d.powderG,
    waterG: d.waterMl,
    landedG: d.landedG,
    leftG: left,
    lossShare: d.lossShare,
  }).landedG
}

/**
 * Every box that was ever filled, the first to use first: what goes off first, of equal ones the older.
 * @param settled boxes that are known to be empty
 */
export function gelBoxes(
  entries: readonly Entry[],
  mixes: readonly GelMix[],
  moves: StoreMoves = storeMoves(entries),
  settled: Pick<Settled, 'emptied'> = NOTHING_SETTLED,
): GelBox[] {
  const emptied = new Set(settled.emptied)
  return ofKind(entries, 'gel.cooked')
    .map(({ at, data: d }): GelBox => {
      const dry = dryFraction(d.powderG, d.waterMl, d.moisture)
      const pieceG = landedG(d) / d.pieces
      return {
        id: d.batchId,
        name: d.boxName,
        mixId: d.mixId,
        store: d.store,
        madeAt: at,
        useBy: useByOf(d.store, at),
        pieces: emptied.has(d.batchId) ? 0 : unitsLeft(d.batchId, d.pieces, null, moves),
        piecesMade: d.pieces,
        pieceMm: d.pieceMm,
        pieceG,
        pieceDryMg: pieceG * dry * 1000,
        dry,
        protein: d.protein,
        binder: binderOf(mixes.find(m => m.id === d.mixId)?.binder ?? 'powder'),
      }
    })
    .sort((a, b) =>
      a.useBy === b.useBy ? Number(a.id > b.id) * 2 - 1 : Number(a.useBy > b.useBy) * 2 - 1,
    )
}

/** It still holds a piece, or half of one. */
export const holdsGel = (box: GelBox) => box.pieces > 0.01

/** Pieces that were put into the tub of a day, by tank. */
export function tubOf(
  entries: readonly Entry[],
  on: LocalDate,
): { tubId: string; boxId: string; tankId: string; pieces: number }[] {
  return ofKind(entries, 'store.portioned')
    .filter(e => e.data.on === on)
    .flatMap(e =>
      e.data.tanks.map(t => ({
        tubId: e.id,
        boxId: e.data.storeId,
        tankId: t.tankId,
        pieces: t.amount,
      })),
    )
}

export const isPastUse = (box: GelBox, now: Instant) => box.useBy < now
export const usableOn = (box: GelBox, on: LocalDate, timeZone: string) =>
  localDateOf(box.useBy, timeZone) >= on
