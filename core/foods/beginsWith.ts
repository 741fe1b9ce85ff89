import { foodOf } from './index'

/** What a food is begun with: cysts, some of a line of it, nothing but its card, or it is bought as it is fed. */
export type Beginning = 'cysts' | 'starter' | 'nothing' | 'bought'

export function beginsWith(foodId: string): Beginning {
  const food = foodOf(foodId)
  if (!food) return 'bought'
  if (food.profile.family === 'hatch') return 'cysts'
  return food.methods[0]!.starterShare > 0 ? 'starter' : 'nothing'
}
