import { toSpoons } from '../units/toSpoons'
import type { MeasureSystem, SpoonCount } from '../units/kitchenMeasures'

/** Density of feed powder without the air between its grains, g/mL (working estimate). */
export const SOLID_G_PER_ML = 1.35
export const POWDER_G_PER_ML = 0.55
/** Stays on bowl, fork and card, as a share of the volume of the trays (working estimate, until it is learned). */
export const LOSS_SHARE = 0.01
/**
 * Share of the volume of loose powder by which it makes the water more: wetted grains swell into nearly all of the room their air had,
 * so that 37 mL of powder and 112 mL of water fill a tray of 150 (working estimate, until the room's fills teach).
 */
export const SOLID_SHARE = 0.98
export const PARTS = { firm: 2, standard: 3, soft: 4 } as const

/** A tray: cells of length, width and height in mm, or a volume that was measured. */
export type Tray =
  { ml: number } | { cells: number; lengthMm: number; widthMm: number; heightMm: number }
export const trayMl = (t: Tray): number =>
  'ml' in t ? t.ml : (t.cells * t.lengthMm * t.widthMm * t.heightMm) / 1000

export interface PowderInput {
  /** What the trays, bags or coats hold, mL. */
  fillMl: number
  /** Volumes of water on a volume of loose powder. */
  parts: number
  solidShare: number
  lossShare: number
  gPerMl: number
  measures: MeasureSystem
}

export interface PowderBatch {
  /** What is made, the loss included, mL. */
  totalMl: number
  powderMl: number
  powderG: number
  waterMl: number
  spoons: SpoonCount[]
  /** What the spoons hold, and what that is off, mL of powder. */
  spoonMl: number
  spoonErrorMl: number
}

/** Powder and water for a volume: V = water + solid share x powder, water = parts x powder, the loss on top. */
export function powderBatch(i: PowderInput): PowderBatch {
  const totalMl = i.fillMl * (1 + i.lossShare)
  const powderMl = totalMl / (i.parts + i.solidShare)
  const spoons = toSpoons(powderMl, i.measures)
  return {
    totalMl,
    powderMl,
    powderG: powderMl * i.gPerMl,
    waterMl: i.parts * powderMl,
    spoons: spoons.spoons,
    spoonMl: spoons.ml,
    spoonErrorMl: spoons.ml - powderMl,
  }
}

/** The other way: what a powder fills, mL, after the loss. */
export const fillOf = (
  powderMl: number,
  i: Pick<PowderInput, 'parts' | 'solidShare' | 'lossShare'>,
): number => (powderMl * (i.parts + i.solidShare)) / (1 + i.lossShare)

/** Whole trays that a powder fills, and what is left of it, mL. */
export function traysFrom(
  powderMl: number,
  trayVolume: number,
  i: Pick<PowderInput, 'parts' | 'solidShare' | 'lossShare'>,
): { trays: number; leftMl: number } {
  const each = (trayVolume * (1 + i.lossShare)) / (i.parts + i.solidShare)
  const trays = Math.floor(powderMl / each + 1e-9)
  return { trays, leftMl: Math.max(0, powderMl - trays * each) }
}

/** Trays for so many days of a wet weight of gel a day. */
export const traysForDays = (
  gramsPerDay: number,
  days: number,
  trayVolume: number,
  gPerMl: number,
): number => Math.ceil((gramsPerDay * days) / (trayVolume * gPerMl) - 1e-9)

/** Where everything went, g: what was put in is what landed, what was left over and what was lost. */
export interface MassBalance {
  inG: number
  landedG: number
  leftG: number
  lostG: number
  lostShare: number
}
/** @param landedG weighed, or null: then what is not left is taken to be lost as planned */
export function massBalance(m: {
  powderG: number
  waterG: number
  landedG: number | null
  leftG: number
  lossShare: number
}): MassBalance {
  const inG = m.powderG + m.waterG
  const landedG = m.landedG ?? Math.max(0, (inG - m.leftG) / (1 + m.lossShare))
  const lostG = inG - landedG - m.leftG
  return {
    inG,
    landedG,
    leftG: m.leftG,
    lostG,
    lostShare: landedG + m.leftG > 0 ? lostG / (landedG + m.leftG) : 0,
  }
}
