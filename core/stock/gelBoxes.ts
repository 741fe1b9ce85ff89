import { binderOf, type Binder } from '../gel/binders'
import { massBalance } from '../gel/batch'
import { dryFraction } from '../gel/portion'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryOf } from '../records/entries'
import type { GelMix } from '../records/records'
import type { ColdStore } from '../records/vocabulary'
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

/** Every box that was ever filled, the first to use first: what goes off first, of equal ones the older. */
export function gelBoxes(entries: readonly Entry[], mixes: readonly GelMix[]): GelBox[] {
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
        pieces: piecesLeft(entries, d.batchId, d.pieces, at),
        piecesMade: d.pieces,
        pieceMm: d.pieceMm,
        pieceG,
        pieceDryMg: pieceG * dry * 1000,
        dry,
        protein: d.protein,
        binder: binderOf(mixes.find(m => m.id === d.mixId)?.binder ?? 'powder'),
      }
    })
    .sort((a, b) => (a.useBy < b.useBy ? -1 : a.useBy > b.useBy ? 1 : a.id < b.id ? -1 : 1))
}

/** It still holds a piece, or half of one. */
export const holdsGel = (box: GelBox) => box.pieces > 0.01

/** A count sets what is there; what is taken after it comes off. */
function piecesLeft(
  entries: readonly Entry[],
  boxId: string,
  made: number,
  madeAt: Instant,
): number {
  let left = made
  for (const e of entries) {
    if (e.at < madeAt || !('boxId' in e.data) || e.data.boxId !== boxId) continue
    if (e.kind === 'gel.counted') left = e.data.pieces
    else if (e.kind === 'gel.tubbed' || e.kind === 'gel.discarded') left -= e.data.pieces
  }
  return Math.max(0, left)
}

/** Pieces that were put into the tub of a day, by tank. */
export function tubOf(
  entries: readonly Entry[],
  on: LocalDate,
): { boxId: string; tankId: string; pieces: number }[] {
  return ofKind(entries, 'gel.tubbed')
    .filter(e => e.data.on === on)
    .flatMap(e => e.data.tanks.map(t => ({ boxId: e.data.boxId, ...t })))
}

export const isPastUse = (box: GelBox, now: Instant) => box.useBy < now
export const usableOn = (box: GelBox, on: LocalDate, timeZone: string) =>
  localDateOf(box.useBy, timeZone) >= on
