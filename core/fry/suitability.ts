import type { FeedProfile, FoodSize, FoodZone } from '../feeds/contract'
import { sizeFit } from './sizeFit'
import type { FryZone } from './species/species'

export interface Mouth {
  lengthMm: number
  gapeUm: number
  zones: readonly FryZone[]
  marine: boolean
}

export interface Suitability {
  /** Product of fit, zone and nutrition, 0 to 1; 0 where it dies within the hour, and before a larva can take it. */
  value: number
  fit: number
  zone: number
  nutrition: number
  /** Share of the time to the next meal that half of it lives. */
  survival: number
  /** Share of a day that it can cover at most: what the mouth can swallow, and what lives from meal to meal. */
  bound: number
  /** The same without the hours: what the mouth can swallow, however often it is fed. */
  swallows: number
  /** The size of the food that fits best. */
  size: FoodSize
}

const LEVELS: readonly FryZone[] = ['surface', 'column', 'bottom']
const REACH: Record<FoodZone, readonly FryZone[]> = {
  surface: ['surface'],
  upper: ['surface', 'column'],
  column: ['column'],
  bottom: ['bottom'],
  suspended: LEVELS,
}
/** Same zone, next zone, opposite zone. */
const ZONE_FIT = [1, 0.6, 0.2] as const
/** Below this length gel and powder are worth less, mm. */
const SMALL_MM = 8
/** A long soft worm must be shorter than this share of the fish. */
const WORM_SHARE = 0.6

/** How well a food's zone meets the fry's: 1 same or suspended, 0.6 next, 0.2 opposite. */
export function zoneFit(food: FoodZone, fry: readonly FryZone[]): number {
  let nearest = 2
  for (const a of REACH[food])
    for (const b of fry)
      nearest = Math.min(nearest, Math.abs(LEVELS.indexOf(a) - LEVELS.indexOf(b)))
  return ZONE_FIT[nearest]!
}

/** The sizes a food comes in; what is ground or cut is cut to half of the gape. */
export function sizesFor(food: FeedProfile, gapeUm: number): readonly FoodSize[] {
  if (food.cutToGapeUm) {
    const width = Math.min(food.cutToGapeUm[1], Math.max(food.cutToGapeUm[0], gapeUm / 2))
    // A grain of half the width weighs an eighth.
    return [
      {
        id: 'cut',
        name: '',
        lengthUm: width,
        widthUm: width,
        dryUg: food.dryUg * (width / food.criticalWidthUm) ** 3,
      },
    ]
  }
  return food.sizes.length > 0
    ? food.sizes
    : [
        {
          id: 'usual',
          name: '',
          lengthUm: food.lengthUm,
          widthUm: food.criticalWidthUm,
          dryUg: food.dryUg,
        },
      ]
}

/** Size fit of the best size of a food; of equal ones the largest, since it fills more. */
export function bestSize(
  food: FeedProfile,
  mouth: Pick<Mouth, 'lengthMm' | 'gapeUm'>,
): { fit: number; size: FoodSize } {
  let best: { fit: number; size: FoodSize } | null = null
  for (const size of sizesFor(food, mouth.gapeUm)) {
    const tooLong = food.worm && size.lengthUm > WORM_SHARE * mouth.lengthMm * 1000
    const fit = tooLong ? 0 : sizeFit(size.widthUm, mouth.gapeUm)
    if (best === null || fit >= best.fit) best = { fit, size }
  }
  return best!
}

/** Hours a day in which fry see their food: working estimate for an ordinary tank lamp. */
export const LIT_HOURS = 12
/** What dies sooner is gone before it is found, h. */
export const LIVES_H = 1

/** Share of the day that one meal can bring of a food that lives for so long. */
export const mealShareOf = (aliveH: number, meals: number) =>
  Math.min(1 / meals, aliveH / LIT_HOURS)

/**
 * How well a food suits a mouth, 0 to 1: size fit x zone fit x nutrition. How long it lives says how much may be given at once
 * and whether a meal bridges to the next, not how good the food is.
 * @param hoursToNextMeal hours a meal must last
 */
export function suitability(food: FeedProfile, mouth: Mouth, hoursToNextMeal: number): Suitability {
  const { fit, size } = bestSize(food, mouth)
  const zone = zoneFit(food.zone, mouth.zones)
  const nutrition = mouth.lengthMm < SMALL_MM ? food.nutritionSmall : food.nutrition
  const alive = mouth.marine ? food.aliveInSeaH : food.aliveInTankH
  const survival = Math.min(1, alive / hoursToNextMeal)
  const lives = alive > LIVES_H
  const meals = food.lasting ? 1 : 24 / hoursToNextMeal
  return {
    value: lives ? fit * zone * nutrition : 0,
    fit,
    zone,
    nutrition,
    survival,
    bound: lives ? Math.min(fit, meals * mealShareOf(alive, meals)) : 0,
    swallows: lives ? fit : 0,
    size,
  }
}
