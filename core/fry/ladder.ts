import { shareByWater } from './withWater'
import type { FeedProfile } from '../feeds/contract'
import { growthDays, lengthAfter } from './growth'
import { shapeAt, wetMg } from './mass'
import { dailyRationMg, mealsWanted } from './ration'
import { dayShares, SMOOTH_DAYS, type DayShares, type DaySuitability } from './shares'
import type { Species } from './species/species'
import { mealShareOf, suitability, type Suitability } from './suitability'
import { withWorth } from './sizeEconomy'
import { tanPerDay } from './tankLoad'
import { schoolOf, type Wishes } from './wishes'

/** Floor over ration beyond which a smaller rearing box is advised. */
const BOX_FACTOR = 3

/** A brood as the ladder needs it. Day 0 is free swimming. */
export interface LadderBrood {
  species: Species
  /** Factors on growth and gape that measurements have taught; 1 is the book. */
  growthFactor: number
  gapeFactor: number
  temperatureC(day: number): number
  fry(day: number): number
  tankL: number
  /** Meals the room gives; null for what the fry want. */
  mealsPerDay: number | null
  wishes: Wishes
}

export interface LadderDay {
  day: number
  lengthMm: number
  gapeUm: number
  wetMg: number
  /** Dry food one fry eats in the day, mg. */
  dryRationMg: number
  fry: number
  meals: number
  mealsWanted: number
  suitability: Record<string, Suitability>
  share: Record<string, number>
  gap: boolean
  bridged: boolean
  /** Animals for the whole brood and day, by ration. */
  organisms: Record<string, number>
  /** Animals that stand in the water at a meal so that fry find them. */
  floor: Record<string, number>
  /** Animals to give at a meal: the larger of the two, capped by what they eat while it lives. */
  perMeal: Record<string, number>
  /** Share of the ration the meals of the day can bring. */
  covered: number
  smallerBox: boolean
  /** Ammonia nitrogen the day's food brings, mg/L. */
  tanMgL: number
}

/** Water in which fry hunt, L: 20 mL a fry, at least half a litre, at most the tank. */
export const usedLitres = (tankL: number, fry: number) => Math.min(tankL, Math.max(0.5, 0.02 * fry))

/**
 * What a brood can swallow, wants and needs, day by day.
 * @param foods profiles of the foods it may be given
 * @param from first day after free swimming, at least 0
 * @param days how many
 */
export function ladder(
  brood: LadderBrood,
  foods: readonly FeedProfile[],
  from: number,
  days: number,
): LadderDay[] {
  // Days before and after are worked out too, so that the smoothing sees them.
  const reach = (SMOOTH_DAYS - 1) / 2
  const first = Math.max(0, from - reach)
  const bodies: Body[] = []
  let grown = 0
  for (let day = 0; day < first; day++) grown += growthDays(brood.species, brood.temperatureC(day))
  for (let day = first; day < from + days + reach; day++) {
    bodies.push(bodyOn(brood, foods, day, grown))
    grown += growthDays(brood.species, brood.temperatureC(day))
  }
  const school = schoolOf(brood.wishes.school)
  const shares = dayShares(
    bodies.map(b => b.suits),
    first,
    [...brood.wishes.preferred, ...school.preferred],
    [...school.pins, ...brood.wishes.pins],
  )
  return bodies
    .slice(from - first, from - first + days)
    .map((body, i) => rationOf(brood, foods, body, shares[from - first + i]!))
}

interface Body {
  day: number
  lengthMm: number
  gapeUm: number
  temperatureC: number
  /** Growth behind it, in days at the reference temperature. */
  grown: number
  meals: number
  suits: DaySuitability
}

function bodyOn(
  brood: LadderBrood,
  foods: readonly FeedProfile[],
  day: number,
  grown: number,
): Body {
  const { species } = brood
  const length = lengthAfter(species, grown, brood.growthFactor)
  const gapeUm = species.gapePerLength * brood.gapeFactor * length * 1000
  const meals = brood.mealsPerDay ?? mealsWanted(length)
  const mouth = { lengthMm: length, gapeUm, zones: species.zones, marine: species.marine }
  const suits: Record<string, Suitability> = {}
  const temperatureC = brood.temperatureC(day)
  const ate = { lengthMm: length, temperatureC, grown }
  const dryMg = brood.fry(day) * dailyRationMg(species, ate, brood.growthFactor)
  for (const food of foods) {
    const suit = suitability(food, mouth, 24 / meals)
    const early = day < (species.earliestDay?.[food.id] ?? 0)
    const byWater = shareByWater(food, brood.tankL, meals, dryMg)
    const bound = Math.min(suit.bound, byWater)
    const swallows = Math.min(suit.swallows, byWater)
    suits[food.id] = early
      ? { ...suit, value: 0, bound: 0, swallows: 0 }
      : { ...suit, bound, swallows }
  }
  return {
    day,
    lengthMm: length,
    gapeUm,
    temperatureC,
    grown,
    meals,
    suits: withWorth(
      suits,
      foods,
      { lengthMm: length, gapeUm },
      food => day > (species.lastDay?.[food.id] ?? Infinity),
    ),
  }
}

function rationOf(
  brood: LadderBrood,
  foods: readonly FeedProfile[],
  body: Body,
  day: DayShares,
): LadderDay {
  const { species } = brood
  const { lengthMm, meals, suits } = body
  const shape = shapeAt(species, lengthMm)
  const fry = brood.fry(body.day)
  const dryRationMg = dailyRationMg(species, body, brood.growthFactor)
  const litres = usedLitres(brood.tankL, fry)
  const organisms: Record<string, number> = {}
  const floor: Record<string, number> = {}
  const perMeal: Record<string, number> = {}
  const offered: { dryMg: number; protein: number; uneatenShare: number }[] = []
  let floorDry = 0
  let rationDry = 0
  for (const food of foods) {
    const share = day.share[food.id]!
    const { dryUg } = suits[food.id]!.size
    const alive = species.marine ? food.aliveInSeaH : food.aliveInTankH
    const mealShare = mealShareOf(alive, meals)
    organisms[food.id] = (fry * dryRationMg * share * 1000) / food.captureShare / dryUg
    floor[food.id] = food.floorPerMl * litres * 1000
    const byRation = organisms[food.id]! * mealShare
    perMeal[food.id] = share > 0 ? Math.max(byRation, floor[food.id]! * share) : 0
    floorDry += floor[food.id]! * share * dryUg
    rationDry += byRation * dryUg
    if (share > 0)
      offered.push({
        dryMg: (fry * dryRationMg * share) / food.captureShare,
        protein: food.protein,
        uneatenShare: food.uneatenShare,
      })
  }
  return {
    day: body.day,
    lengthMm,
    gapeUm: body.gapeUm,
    wetMg: wetMg(lengthMm, shape),
    dryRationMg,
    fry,
    meals,
    mealsWanted: mealsWanted(lengthMm),
    suitability: suits,
    share: day.share,
    gap: day.gap,
    bridged: day.bridged,
    organisms,
    floor,
    perMeal,
    covered: day.covered,
    smallerBox: !day.gap && floorDry > BOX_FACTOR * rationDry,
    tanMgL: tanPerDay(offered, brood.tankL),
  }
}

/** Stretches of days on which nothing suits. */
export function gapsOf(days: readonly LadderDay[]): { from: number; to: number }[] {
  const gaps: { from: number; to: number }[] = []
  for (const d of days) {
    if (!d.gap) continue
    const last = gaps.at(-1)
    if (last && last.to === d.day - 1) last.to = d.day
    else gaps.push({ from: d.day, to: d.day })
  }
  return gaps
}
