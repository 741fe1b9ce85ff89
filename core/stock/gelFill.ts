import { fillOf, traysForDays, traysFrom } from '../gel/batch'
import { GEL_G_PER_ML } from '../gel/portion'
import type { GelMix, GelTray } from '../records/records'
import type { MeasureSystem } from '../units/kitchenMeasures'
import type { BroodState } from './broodState'
import { kitchenBatch, trayVolume, type KitchenIngredient } from './gelKitchen'
import { gelCourse, mixFor } from './gelNeed'
import type { RoomState } from './roomState'

/** Trays of one kind that a batch fills. */
export interface TrayFilled {
  name: string
  n: number
  ml: number
  cells: number | null
  form: string
}
/** What a batch fills, mL in all. */
export interface GelFill {
  ml: number
  trays: TrayFilled[]
}
/** How the gel is made up: parts of water on one of powder, share of powder that is not air, share lost. */
export interface GelSettings {
  parts: number
  solidShare: number
  lossShare: number
  measures: MeasureSystem
}

const filled = (t: GelTray, n: number): TrayFilled => ({
  name: t.name,
  n,
  ml: trayVolume(t),
  cells: 'cells' in t.fill ? t.fill.cells : null,
  form: t.form,
})

/** So many of each tray. */
export function fillByTrays(trays: readonly (readonly [GelTray, number])[]): GelFill {
  const found = trays.filter(([, n]) => n > 0).map(([t, n]) => filled(t, n))
  return { ml: found.reduce((v, t) => v + t.n * t.ml, 0), trays: found }
}

/** Whole trays of what a powder gives, or all of it where that is less than one. Grams of powder in and left over. */
export function fillByPowder(
  mix: GelMix,
  tray: GelTray,
  grams: number,
  settings: GelSettings,
): GelFill & { leftG: number } {
  const ml = grams / mix.gPerMl
  const each = trayVolume(tray)
  const whole = traysFrom(ml, each, settings)
  if (whole.trays === 0) return { ml: fillOf(ml, settings), trays: [], leftG: 0 }
  const leftG = whole.leftMl * mix.gPerMl
  return { ml: whole.trays * each, trays: [filled(tray, whole.trays)], leftG }
}

/** Trays for what the broods on a mix eat in the coming days; null where none eats of it. */
export function fillForDays(
  state: RoomState,
  mix: GelMix,
  ingredients: readonly KitchenIngredient[],
  tray: GelTray,
  days: number,
  settings: GelSettings,
): (GelFill & { wetG: number; eaters: BroodState[] }) | null {
  const eaters = state.broods.filter(b => mixFor(state.gel.mixes, b.id)?.id === mix.id)
  const dryMg = eaters
    .flatMap(b => gelCourse(b, state.room, state.today, days))
    .reduce((a, x) => a + x, 0)
  if (dryMg <= 0) return null
  const wetG = dryMg / 1000 / kitchenBatch(mix, ingredients, { ...settings, fillMl: 100 }).dry
  const each = trayVolume(tray)
  const n = traysForDays(wetG / days, days, each, GEL_G_PER_ML)
  return { ml: n * each, trays: [filled(tray, n)], wetG, eaters }
}
