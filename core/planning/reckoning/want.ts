import { temperatureOn } from '../../stock/tankTemperature'
import { entriesOf } from '../../records/entriesOf'
import type { FeedProfile } from '../../feeds/contract'
import { EDIBLES, sizedAs } from '../../fry/edibles'
import { FIT_ENOUGH } from '../../fry/sizeFit'
import { suitsOn, wholeMeal, type Diner } from '../../fry/wholeMeal'
import { ofKind } from '../../records/effectiveEntries'
import type { EntryOf } from '../../records/entries'
import type { Tank } from '../../records/records'
import { GEL_ID } from '../../stock/gelNeed'
import { wishesNow } from '../../stock/broodLadder'
import type { BroodState } from '../../stock/broodState'
import type { RoomState } from '../../stock/roomState'
import type { RoundOccurrence } from '../../time/rounds'
import { schoolOf } from '../../fry/wishes'
import { gelMeal } from '../gelMeal'
import type { DayOf } from '../ladderDays'

/** A brood of a tank that eats at a round. */
export interface Eating extends Diner {
  brood: BroodState
}

/** A food that an eater could be given, whether or not it stands in the room. */
export interface WantedFood {
  food: FeedProfile
  /** Share of it in the day, by the ladders of those who eat. */
  share: number
  /** How well it suits, 0 to 1: of the broods it fits, the mean by ration. */
  suits: number
  /** Share of the ration of the tank that those eat whom it fits. */
  reaches: number
  /** Animals with full yolk that make the whole meal of those whom it fits. */
  whole: number
  /** Those whom it fits. */
  eating: readonly Eating[]
}

/** What a tank should get at a round. */
export interface Want {
  key: string
  tank: Tank
  round: RoundOccurrence
  eating: readonly Eating[]
  /** By food id. */
  foods: ReadonlyMap<string, WantedFood>
  /** Share of the meal that is still wanted, 0 to 1. */
  open: number
  /** A part of it was given at this round. */
  begun: boolean
  smallestGapeUm: number
}

const rationOf = (e: Eating) => e.day.fry * e.day.dryRationMg

/** Broods of a tank that eat at a round. */
export function eatingAt(
  state: RoomState,
  tank: Tank,
  round: RoundOccurrence,
  dayOf: DayOf,
): Eating[] {
  return state.broods.flatMap((brood): Eating[] => {
    const day = brood.tank?.id === tank.id ? dayOf(brood, round.date) : null
    if (!day || !brood.species || day.fry * day.dryRationMg <= 0) return []
    const temperatureC = temperatureOn(brood.water, round.date)
    return [{ brood, day, species: brood.species, tankL: tank.litres, temperatureC }]
  })
}

/** Foods a brood may be given: not those that were refused or forbidden, nor what its school leaves out. */
function mayEat(brood: BroodState): (id: string) => boolean {
  const wishes = wishesNow(brood)
  const { only } = schoolOf(wishes.school)
  return id => !wishes.forbidden.includes(id) && (only === null || only.includes(id))
}

/** What tank mates and the filter take comes on top. */
const extraOf = (tank: Tank) => 1 / ((1 - tank.matesShare) * (1 - tank.filterShare))

function wantedFood(
  food: FeedProfile,
  tank: Tank,
  eating: readonly Eating[],
  allowed: ReadonlyMap<string, (id: string) => boolean>,
): WantedFood | null {
  const all = eating.reduce((sum, e) => sum + rationOf(e), 0)
  const mine: Eating[] = []
  let share = 0
  let suits = 0
  let reached = 0
  let whole = 0
  for (const e of eating) {
    if (!allowed.get(e.brood.id)!(food.id)) continue
    const sized = sizedAs(food, e.brood.preySize)
    const fit = suitsOn(e, sized)
    // What dies within the hour, or is not taken yet, stands in for nothing.
    if (fit.fit < FIT_ENOUGH || fit.value <= 0) continue
    const ration = rationOf(e)
    mine.push(e)
    share += ration * (e.day.share[food.id] ?? 0)
    suits += ration * fit.value
    reached += ration
    whole += wholeMeal(e, sized, fit)
  }
  if (mine.length === 0 || whole <= 0) return null
  return {
    food,
    share: share / all,
    suits: suits / reached,
    reaches: reached / all,
    whole: whole * extraOf(tank),
    eating: mine,
  }
}

/** What a tank was given at a round so far, as entries. */
export const fedAt = (state: RoomState, tankId: string, roundKey: string): EntryOf<'tank.fed'>[] =>
  ofKind(entriesOf(state.entries, 'tankId', tankId), 'tank.fed').filter(
    e => e.data.roundKey === roundKey,
  )

/** Share of a meal that is still wanted after what was given of it. A meal that is not marked as a part is whole. */
function openShare(
  given: readonly EntryOf<'tank.fed'>[],
  foods: ReadonlyMap<string, WantedFood>,
): number {
  if (given.some(e => !e.data.partial)) return 0
  let share = 0
  for (const e of given) {
    for (const p of e.data.portions) {
      const food = foods.get(p.foodId)
      if (food) share += ((p.organisms * p.energy) / food.whole) * food.reaches
    }
  }
  return Math.max(0, 1 - share)
}

/** Share of the day that comes as gel, where there is a piece of it for this tank: the other meals are so much smaller. */
function gelShare(
  state: RoomState,
  tank: Tank,
  round: RoundOccurrence,
  eating: readonly Eating[],
): number {
  const all = eating.reduce((sum, e) => sum + rationOf(e), 0)
  const gel = eating.reduce((sum, e) => sum + rationOf(e) * (e.day.share[GEL_ID] ?? 0), 0)
  return gel > 0 && gelMeal(state, tank, round.date) ? gel / all : 0
}

/** What every tank with mouths should get at a round, still to be given. */
export function wantsAt(state: RoomState, round: RoundOccurrence, dayOf: DayOf): Want[] {
  return state.tanks.flatMap((tank): Want[] => {
    const eating = eatingAt(state, tank, round, dayOf)
    if (eating.length === 0) return []
    const allowed = new Map(eating.map(e => [e.brood.id, mayEat(e.brood)]))
    const foods = new Map<string, WantedFood>()
    for (const food of EDIBLES) {
      const wanted = wantedFood(food, tank, eating, allowed)
      if (wanted) foods.set(food.id, wanted)
    }
    const gel = gelShare(state, tank, round, eating)
    const given = fedAt(state, tank.id, round.key)
    const open = openShare(given, foods) * (1 - gel)
    if (open <= 0) return []
    const begun = given.length > 0
    const smallestGapeUm = Math.min(...eating.map(e => e.day.gapeUm))
    const key = `${tank.id} ${round.key}`
    return [{ key, tank, round, eating, foods, open, begun, smallestGapeUm }]
  })
}
