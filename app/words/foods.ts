import type { FeedProfile } from '@renatus/core/feeds/contract'
import { edible } from '@renatus/core/fry/edibles'

export { portionText } from '@renatus/core/feeds/portionText'

export const foodName = (id: string) => edible(id)?.name ?? id
/** Inside a sentence. */
export function foodInText(id: string): string {
  const food = edible(id)
  if (!food) return id
  return food.proper ? food.name : food.name.replace(/^[A-Z](?=[a-z])/, c => c.toLowerCase())
}

/** "newborn Moina", "vinegar eels". */
export const foodWithSize = (food: FeedProfile, size: string) =>
  size ? `${size} ${foodInText(food.id)}` : foodInText(food.id)
