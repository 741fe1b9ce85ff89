import { brineShrimp } from '../foods/brine-shrimp'
import type { FeedingTip, FeedProfile } from '../feeds/contract'
import { edible } from '../fry/edibles'
import { mealWhy } from '../fry/mealWhy'
import type { Reason } from '../reasons/reason'
import { ofKind } from '../records/effectiveEntries'
import type { Tank } from '../records/records'
import type { BroodState } from '../stock/broodState'
import type { RoomState } from '../stock/roomState'
import type { RoundOccurrence } from '../time/rounds'
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
}

const tipFits = (tip: FeedingTip, broods: readonly BroodState[]) =>
  tip.when === 'always' || broods.some(b => (tip.when === 'marine' ? b.species!.marine : b.species!.zones.includes(tip.when as 'bottom')))

/** How a food is given to these broods. */
export const tipsFor = (food: FeedProfile, broods: readonly BroodState[]): string[] => food.tips.filter(t => tipFits(t, broods)).map(t => t.text)

/** Foods of one tank at one round, nauplii among them; the largest share first. */
export function tankFoods(state: RoomState, tank: Tank, round: RoundOccurrence, dayOf: DayOf): TankFood[] {
  const foods = new Map<string, TankFood & { weight: number }>()
  for (const brood of state.broods) {
    const day = brood.tank?.id === tank.id ? dayOf(brood, round.date) : null
    if (!day || !brood.species) continue
    for (const [id, organisms] of Object.entries(day.perMeal)) {
      const food = edible(id)
      if (!food || organisms <= 0 || day.share[id]! < 0.02) continue
      const found = foods.get(id) ?? { food, organisms: 0, size: day.suitability[id]!.size.name, portion: 0, for: [], why: [], tips: [], weight: 0 }
      found.organisms += organisms
      found.for.push(brood)
      found.why.push(mealWhy(day, food, brood.species, { temperatureC: brood.temperature(round.date), tankL: tank.litres }))
      found.weight += day.share[id]!
      foods.set(id, found)
    }
  }
  return [...foods.values()].sort((a, b) => b.weight - a.weight).map(({ weight: _, ...f }) => ({
    ...f, portion: f.organisms / (f.food.portion?.perUnit ?? 1), tips: tipsFor(f.food, f.for),
  }))
}

/** Whether a tank has had a food at a round: the whole of its foods, or this one out of a culture. */
export function isGiven(state: RoomState, tank: Tank, round: RoundOccurrence, foodId: string): boolean {
  return ofKind(state.entries, 'tank.given').some(e => e.data.tankId === tank.id && e.data.roundKey === round.key && (!e.data.partial || e.data.foods.some(f => f.foodId === foodId)))
}

/** Foods that come from no hatch and were not given at the round yet. */
export function otherFoods(state: RoomState, tank: Tank, round: RoundOccurrence, dayOf: DayOf): TankFood[] {
  return tankFoods(state, tank, round, dayOf).filter(f => f.food.id !== brineShrimp.profile.id && !isGiven(state, tank, round, f.food.id))
}

/** The brood of a tank with the smallest mouth: what fits it must be there. */
export function smallestMouth(state: RoomState, tank: Tank, round: RoundOccurrence, dayOf: DayOf): { brood: BroodState, gapeUm: number } | null {
  const mouths = state.broods.flatMap((brood) => {
    const day = brood.tank?.id === tank.id ? dayOf(brood, round.date) : null
    return day ? [{ brood, gapeUm: day.gapeUm }] : []
  })
  return mouths.length > 1 ? mouths.reduce((a, b) => (b.gapeUm < a.gapeUm ? b : a)) : null
}
