import type { FeedProfile } from '../feeds/contract'
import { FIT_ENOUGH } from './sizeFit'
import type { DaySuitability } from './shares'
import { SUITABLE } from './shares'
import type { Suitability } from './suitability'

/** Between these shares of the gape a prey is taken with ease, and the larger one brings more for a strike. */
export const EASY: readonly [number, number] = [0.2, 0.5]

/**
 * How much of what a bite brings counts. In full proportion whatever is largest would be eaten alone, and it is not:
 * a third of what a tenfold bite brings more is a working estimate.
 */
const BITE_POWER = 1 / 8
/** What a food is worth beside a larger one that is taken with as much ease. */
const economy = (dryUg: number, best: number) => Math.min(1, (dryUg / best) ** BITE_POWER)

/**
 * What foods are worth beside each other on a day: where a larger prey is taken with ease, a strike at a small one pays less,
 * and very small ones are left once the fish has outgrown them, unless nothing else is there.
 * @param isLeft whether the species has left a food by now
 */
export function withWorth(
  suits: Readonly<Record<string, Suitability>>,
  foods: readonly FeedProfile[],
  mouth: { lengthMm: number; gapeUm: number },
  isLeft: (food: FeedProfile) => boolean,
): DaySuitability {
  let best = 0
  for (const { value, fit, size } of Object.values(suits)) {
    const x = size.widthUm / mouth.gapeUm
    if (value >= SUITABLE && fit >= FIT_ENOUGH && x >= EASY[0] && x <= EASY[1])
      best = Math.max(best, size.dryUg)
  }
  const outgrown = (f: FeedProfile) =>
    isLeft(f) || (f.upToMm !== undefined && mouth.lengthMm > f.upToMm)
  const others = foods.some(f => !outgrown(f) && suits[f.id]!.value >= SUITABLE)
  const worthOf = (f: FeedProfile) => {
    const s = suits[f.id]!
    if (outgrown(f) && others) return 0
    return best > 0 ? s.value * economy(s.size.dryUg, best) : s.value
  }
  return Object.fromEntries(foods.map(f => [f.id, { ...suits[f.id]!, worth: worthOf(f) }]))
}
