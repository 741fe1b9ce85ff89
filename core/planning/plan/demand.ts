import type { FeedProfile } from '../../feeds/contract'
import type { LadderDay } from '../../fry/ladder'
import { EASY } from '../../fry/sizeEconomy'
import type { Suitability } from '../../fry/suitability'
import { broodLadder, foodsInTime } from '../../stock/broodLadder'
import type { BroodState } from '../../stock/broodState'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, type LocalDate } from '../../time/localDate'
import { SPILL } from '../meals'
import type { BroodDay } from './problem'

/** A food may stand in for another from this suitability on. */
export const STANDS_IN_FROM = 0.3
const LEAST_RATION_MG = 1e-9
/** No more than so many days before the expected day the food must stand ready. */
const MOST_STANDBY = 7

/** Animals of a food that make the whole ration of a brood for a day, spill included. */
export const wholeRation = (day: LadderDay, food: FeedProfile): number =>
  (day.fry * day.dryRationMg * 1000 * (1 + SPILL)) /
  food.captureShare /
  day.suitability[food.id]!.size.dryUg

/** What so many of the mouths can take the others take within a day or two (working estimate). */
const MOST_MOUTHS = 0.8

/**
 * Most that a food may be of a day. It does not hang on what else is ticked, or a food more would leave a brood
 * hungrier. Of what is too large for many only some eat, of what fills a tank with culture no more is given than it
 * takes, and of all else that can be the food of a day it can be all.
 */
function mostOf(suits: Suitability, gapeUm: number, preferred: number): number {
  const { value, fit, swallows, size } = suits
  if (value < STANDS_IN_FROM) return preferred > 0 ? Math.max(preferred, swallows) : 0
  const isLarge = size.widthUm > EASY[1] * gapeUm && fit < MOST_MOUTHS
  // Less than the mouth swallows is what the water bounds.
  return isLarge || swallows < fit ? swallows : 1
}

/**
 * What one brood eats on the days of a plan. Where its day is only expected, the first meal is wanted from the early edge of that
 * expectation on: fry that swim free early eat that day.
 */
export function broodDemand(
  state: RoomState,
  brood: BroodState,
  from: LocalDate,
  days: number,
): BroodDay[] {
  const first = daysBetween(brood.freeOn, from)
  const foods = foodsInTime(brood, state.room)
  const of = (d: LadderDay, day: number, standby: boolean): BroodDay[] => {
    if (d.fry * d.dryRationMg < LEAST_RATION_MG || day < 0 || day >= days) return []
    return [
      {
        brood: brood.id,
        day,
        standby,
        foods: foods.flatMap(f => {
          const suits = d.suitability[f.id]
          // It was refused of late and rests on this day.
          if (!suits) return []
          const preferred = d.share[f.id] ?? 0
          const most = mostOf(suits, d.gapeUm, preferred)
          return most > 0
            ? [{ food: f.id, preferred, most, organisms: wholeRation(d, f), worth: suits.value }]
            : []
        }),
      },
    ]
  }
  const ladder = broodLadder(brood, state.room, Math.max(0, first), days - Math.max(0, -first))
  const early = Math.min(
    MOST_STANDBY,
    brood.dates.free.seen ? 0 : Math.round(brood.dates.free.spreadDays),
  )
  const opening =
    first < 0 && ladder[0]?.day === 0
      ? Array.from({ length: early }, (_, i) => of(ladder[0]!, -first - early + i, true)).flat()
      : []
  return [...opening, ...ladder.flatMap(d => of(d, d.day - first, false))]
}

/** What all broods eat, day by day. */
export const planDemand = (state: RoomState, from: LocalDate, days: number): BroodDay[] =>
  state.broods.flatMap(b => broodDemand(state, b, from, days))
