import type { EntryData } from '../../records/entries'
import type { RoomState } from '../../stock/roomState'
import { answersOf } from './answered'
import type { Draw, MealGap } from './draw'

/** What a round said of a tank's meal when one of its stops was answered: it holds while the round is worked through. */
export type SaidMeal = NonNullable<EntryData<'stop.answered'>['meals']>[number]
export type SaidDraw = SaidMeal['draws'][number]

/** What was said last at a round, by tank; empty where no stop of it has been answered. */
export function saidMeals(state: RoomState, roundKey: string): ReadonlyMap<string, SaidMeal> {
  // Answers that were stored by an older version say nothing of meals.
  const said = [...answersOf(state).values()].findLast(
    a => a.roundKey === roundKey && Array.isArray(a.meals),
  )
  return new Map((said?.meals ?? []).map(m => [m.tankId, m]))
}

const saidDraw = (d: Draw): SaidDraw => ({
  foodId: d.foodId,
  sourceId: d.source.id,
  unit: d.amount.unit,
  value: d.amount.value,
  meal: Number(d.wanted.whole.toPrecision(4)),
})
const isSaid = (d: Draw, said: ReadonlyMap<string, SaidMeal>) =>
  said.get(d.tank.id)?.draws.some(s => s.sourceId === d.source.id && s.value === d.amount.value) ===
  true

/**
 * What is to be said of the meals with an answer: as they are drawn now. Null where all of it has been said, so that it is
 * written once at a round that goes as it says.
 */
export function mealsToSay(
  state: RoomState,
  roundKey: string,
  { draws, gaps }: { draws: readonly Draw[]; gaps: readonly MealGap[] },
): SaidMeal[] | null {
  const said = saidMeals(state, roundKey)
  if (draws.every(d => isSaid(d, said))) return null
  const tanks = [...new Set(draws.map(d => d.tank.id))]
  return tanks.map(tankId => ({
    tankId,
    whole: !gaps.some(g => g.tank.id === tankId),
    draws: draws.filter(d => d.tank.id === tankId).map(saidDraw),
  }))
}
