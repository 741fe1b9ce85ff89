import type { FeedProfile } from '../../feeds/contract'
import type { LadderDay } from '../../fry/ladder'
import { broodLadder, foodsFor } from '../../stock/broodLadder'
import type { BroodState } from '../../stock/broodState'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, type LocalDate } from '../../time/localDate'
import { SPILL } from '../meals'
import type { BroodDay } from './problem'

/** A food may stand in for another from this suitability on. */
export const STANDS_IN_FROM = 0.3
const LEAST_RATION_MG = 1e-9

/** Animals of a food that make the whole ration of a brood for a day, spill included. */
export const wholeRation = (day: LadderDay, food: FeedProfile): number =>
  (day.fry * day.dryRationMg * 1000 * (1 + SPILL)) / food.captureShare / day.suitability[food.id]!.size.dryUg

/** What one brood eats on the days of a plan; days before it swims free are left out. */
export function broodDemand(state: RoomState, brood: BroodState, from: LocalDate, days: number): BroodDay[] {
  const first = daysBetween(brood.freeOn, from)
  const foods = foodsFor(brood, state.room)
  return broodLadder(brood, state.room, Math.max(0, first), days - Math.max(0, -first)).flatMap((d): BroodDay[] => {
    if (d.fry * d.dryRationMg < LEAST_RATION_MG) return []
    return [{
      brood: brood.id, day: d.day - first,
      foods: foods.flatMap((f) => {
        const suits = d.suitability[f.id]!.value
        const preferred = d.share[f.id] ?? 0
        const most = Math.max(preferred, suits >= STANDS_IN_FROM ? Math.min(1, suits) : 0)
        return most > 0 ? [{ food: f.id, preferred, most, organisms: wholeRation(d, f) }] : []
      }),
    }]
  })
}

/** What all broods eat, day by day. */
export const planDemand = (state: RoomState, from: LocalDate, days: number): BroodDay[] => state.broods.flatMap(b => broodDemand(state, b, from, days))
