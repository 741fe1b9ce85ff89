import { brineShrimp } from '../foods/brine-shrimp'
import type { FeedingTip, FeedProfile } from '../feeds/contract'
import { edible } from '../fry/edibles'
import { askedOf, perUnit } from '../fry/household'
import { mealWhy } from '../fry/mealWhy'
import type { Reason } from '../reasons/reason'
import { ofKind } from '../records/effectiveEntries'
import type { Tank } from '../records/records'
import type { BroodState } from '../stock/broodState'
import type { RoomState } from '../stock/roomState'
import { timeOf, type RoundOccurrence } from '../time/rounds'
import { gelMeal, lastingRounds } from './gelMeal'
import type { DayOf } from './meals'

/** A food for a tank at a round: the needs of all its broods added. */
export interface TankFood {
  food: FeedProfile
  organisms: number
  /** Size words of what fits: "newborn". */
  size: string
  /** Household units of it, at the density a good culture usually has; single animals where it has none. */
  portion: number
  for: BroodState[]
  why: Reason[]
  tips: string[]
  /** Hours after which what is left of it is taken out; null where nothing is. */
  removeAfterH: number | null
}

const tipFits = (tip: FeedingTip, broods: readonly BroodState[]) =>
  tip.when === 'always' ||
  broods.some(b =>
    tip.when === 'marine' ? b.species!.marine : b.species!.zones.includes(tip.when as 'bottom'),
  )

/** How a food is given to these broods. */
export const tipsFor = (food: FeedProfile, broods: readonly BroodState[]): string[] =>
  food.tips.filter(t => tipFits(t, broods)).map(t => t.text)

/** Foods of one tank at one round, nauplii among them; the largest share first. */
export function tankFoods(
  state: RoomState,
  tank: Tank,
  round: RoundOccurrence,
  dayOf: DayOf,
): TankFood[] {
  const foods = new Map<string, TankFood & { weight: number }>()
  for (const brood of state.broods) {
    const day = brood.tank?.id === tank.id ? dayOf(brood, round.date) : null
    if (!day || !brood.species) continue
    for (const [id, organisms] of Object.entries(day.perMeal)) {
      const food = edible(id)
      if (!food || organisms <= 0 || day.share[id]! < 0.02) continue
      const found = foods.get(id) ?? {
        food,
        organisms: 0,
        size: day.suitability[id]!.size.name,
        portion: 0,
        for: [],
        why: [],
        tips: [],
        removeAfterH: null,
        weight: 0,
      }
      const asked = askedOf(day, food)
      found.organisms += asked.perMeal[id]!
      found.for.push(brood)
      found.why.push(
        mealWhy(asked, food, brood.species, {
          temperatureC: brood.temperature(round.date),
          tankL: tank.litres,
        }),
      )
      found.weight += day.share[id]!
      foods.set(id, found)
    }
  }
  return [...foods.values()]
    .sort((a, b) => b.weight - a.weight)
    .flatMap(({ weight: _, ...f }): TankFood[] => {
      const food = {
        ...f,
        portion:
          f.organisms / perUnit(f.food, dayOf(f.for[0]!, round.date)?.suitability[f.food.id]?.size),
        tips: tipsFor(f.food, f.for),
      }
      return f.food.lasting ? lasting(state, tank, round, food) : [food]
    })
}

/** A food that lies in the tank for hours: at its rounds only, in pieces of the box that it comes out of, where there is one. */
function lasting(state: RoomState, tank: Tank, round: RoundOccurrence, food: TankFood): TankFood[] {
  const meal = gelMeal(state, tank, round.date)
  const removeAfterH = meal?.removeAfterH ?? food.food.aliveInTankH
  const times = lastingRounds(state.room.rounds, removeAfterH)
  if (!times.includes(timeOf(round))) return []
  const share = 1 / times.length
  const given = {
    ...food,
    organisms: food.organisms * share,
    portion: food.portion * share,
    removeAfterH,
  }
  return [
    meal
      ? {
          ...given,
          food: { ...food.food, portion: meal.portion },
          portion: meal.pieces * share,
          why: [meal.why],
        }
      : given,
  ]
}

/** Whether a tank has had a food at a round: the whole of its foods, or this one out of a culture. */
export function isGiven(
  state: RoomState,
  tank: Tank,
  round: RoundOccurrence,
  foodId: string,
): boolean {
  return ofKind(state.entries, 'tank.given').some(
    e =>
      e.data.tankId === tank.id &&
      e.data.roundKey === round.key &&
      (!e.data.partial || e.data.foods.some(f => f.foodId === foodId)),
  )
}

/** Foods that come from no hatch and were not given at the round yet. */
export function otherFoods(
  state: RoomState,
  tank: Tank,
  round: RoundOccurrence,
  dayOf: DayOf,
): TankFood[] {
  return tankFoods(state, tank, round, dayOf).filter(
    f => f.food.id !== brineShrimp.profile.id && !isGiven(state, tank, round, f.food.id),
  )
}

/** The brood of a tank with the smallest mouth: what fits it must be there. */
export function smallestMouth(
  state: RoomState,
  tank: Tank,
  round: RoundOccurrence,
  dayOf: DayOf,
): { brood: BroodState; gapeUm: number } | null {
  const mouths = state.broods.flatMap(brood => {
    const day = brood.tank?.id === tank.id ? dayOf(brood, round.date) : null
    return day ? [{ brood, gapeUm: day.gapeUm }] : []
  })
  return mouths.length > 1 ? mouths.reduce((a, b) => (b.gapeUm < a.gapeUm ? b : a)) : null
}
