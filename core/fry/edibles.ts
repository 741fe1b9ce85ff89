import type { FeedProfile } from '../feeds/contract'
import { feeds } from '../feeds/index'
import { foodProfiles } from '../foods/profiles'

/** Everything a fry may be given: live foods and feeds. */
export const EDIBLES: readonly FeedProfile[] = [...foodProfiles, ...feeds]

const byId = new Map(EDIBLES.map(e => [e.id, e]))
export const edible = (id: string): FeedProfile | null => byId.get(id) ?? null

/** How large a food of this room is against the book, by id; what is not there is as the book says. */
export type PreySize = Readonly<Record<string, number>>

/** A food as long, wide and heavy as this room's is. */
export function sizedAs(food: FeedProfile, prey: PreySize): FeedProfile {
  const f = prey[food.id] ?? 1
  return f === 1
    ? food
    : {
        ...food,
        lengthUm: food.lengthUm * f,
        criticalWidthUm: food.criticalWidthUm * f,
        dryUg: food.dryUg * f ** 3,
        sizes: food.sizes.map(s => ({
          ...s,
          lengthUm: s.lengthUm * f,
          widthUm: s.widthUm * f,
          dryUg: s.dryUg * f ** 3,
        })),
      }
}
