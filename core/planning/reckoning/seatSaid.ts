import { WHOLE_ENOUGH } from './handAmount'
import type { Larder } from './larder'
import { fill, serve, type Plate } from './plate'
import type { SaidDraw, SaidMeal } from './saidMeals'
import type { Source } from './source'

/** A meal has changed by more than this share: what was said of it no longer holds. */
const OTHER_MEAL = 0.02

/** Units of a source that were said for a plate and can be had: of what is in the hand all of it. */
function unitsSaid(d: SaidDraw, source: Source, larder: Larder): number {
  const most = larder.most(source) / (source.perUnit ?? 1)
  if (source.inHand) return most
  return most >= d.value * (1 - WHOLE_ENOUGH) ? Math.min(d.value, most) : 0
}

/** Puts one draw as it was said on a plate. Whether it holds. */
function seatDraw(plate: Plate, larder: Larder, d: SaidDraw): boolean {
  const { want } = plate
  const source = larder.said(d, want.tank.id)
  const food = want.foods.get(d.foodId)
  if (!source || !food || Math.abs(food.whole / d.meal - 1) > OTHER_MEAL) return false
  const units = unitsSaid(d, source, larder)
  if (units <= 0) return false
  const overdrawn =
    source.kind === 'culture' && !source.inHand && units * (source.perUnit ?? 1) > source.easy
  fill(plate, food, serve(plate, larder, { food, source, units, overdrawn }) / food.whole)
  return units >= d.value * (1 - WHOLE_ENOUGH)
}

/**
 * Puts a meal as it was said on its plate, as far as that still holds; a whole one that holds is whole. Where a part was
 * given otherwise the rest is reckoned anew.
 */
export function seatSaid(plate: Plate, larder: Larder, said: SaidMeal): void {
  if (plate.want.begun) return
  const holds = said.draws.map(d => seatDraw(plate, larder, d)).every(Boolean)
  if (holds && said.whole) for (const id of plate.open.keys()) plate.open.set(id, 0)
}
