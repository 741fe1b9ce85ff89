import { foods } from '@renatus/core/foods/index'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import { searchable } from '~/words/searchable'

/** One school of one food, with the text it is found by. */
export interface Card {
  food: Food
  method: FoodMethod
  text: string
}

/** Every method of every food, in the order of the foods. */
export const CARDS: readonly Card[] = foods.flatMap(food =>
  food.methods.map((method): Card => ({
    food,
    method,
    text: searchable(
      [
        food.profile.name,
        method.name,
        method.about,
        ...method.materials,
        ...method.measures.map(m => m.what),
        method.feedingRule,
        method.harvestRule,
      ].join(' '),
    ),
  })),
)

/** Cards that hold every word that was asked for; those that have it in their names come first. */
export function findCards(query: string): Card[] {
  const words = searchable(query).split(/\s+/).filter(Boolean)
  const inName = (c: Card) =>
    words.every(w => searchable(`${c.food.profile.name} ${c.method.name}`).includes(w))
  return CARDS.filter(c => words.every(w => c.text.includes(w))).sort(
    (a, b) => Number(inName(b)) - Number(inName(a)),
  )
}

export const cardOf = (foodId: string, methodId: string): Card | null =>
  CARDS.find(c => c.food.profile.id === foodId && c.method.id === methodId) ?? null
