import { toSpoons } from '../units/toSpoons'
import type { MeasureSystem, SpoonCount } from '../units/kitchenMeasures'
import type { Food, FoodMethod, Measure } from './contract'

export interface RecipeLine {
  what: string
  unit: Measure['unit']
  amount: number
  /** Level spoons, where a powder is measured. */ spoons: SpoonCount[] | null
  buy: boolean
  starter: boolean
}

export type RecipeWarning =
  | { code: 'no-vessel'; volumeL: number }
  | { code: 'starter-too-small'; shareOfVessel: number; leastShare: number }
  | { code: 'matter-too-thin'; gPerL: number; leastGPerL: number }

export interface Recipe {
  food: string
  method: string
  volumeL: number
  lines: RecipeLine[]
  shopping: RecipeLine[]
  /** Starter wanted, mL; 0 where the food needs none. */
  starterMl: number
  warnings: RecipeWarning[]
}

/** A gram or a grain more or less does not matter here. */
const EXACT_SPOONS_FROM_G = 0.05

/** What goes in, where a mix of some of it stands ready: that, in their place. */
function measuresWith(method: FoodMethod, mix: string | undefined): readonly Measure[] {
  const { premixed, measures } = method
  if (!premixed || mix === undefined) return measures
  const rest = measures.filter(m => !premixed.covers.includes(m.what))
  return [{ what: mix, unit: 'mL', perL: premixed.perL }, ...rest]
}

/**
 * Amounts of a method for the vessel at hand.
 * @param starterMl what there is of starter, mL; the usual share when not given
 * @param mix name of what stands mixed already, where there is enough of it
 */
export function recipe(
  food: Food,
  method: FoodMethod,
  volumeL: number,
  measures: MeasureSystem,
  starterMl?: number,
  mix?: string,
): Recipe {
  const usual = method.starterShare * volumeL * 1000
  const has = starterMl ?? usual
  const lines = measuresWith(method, mix).map((m): RecipeLine => {
    const amount = m.perL * (m.fixed ? 1 : volumeL)
    const spoons =
      m.unit === 'g' && m.gPerMl !== undefined && amount >= EXACT_SPOONS_FROM_G
        ? toSpoons(amount / m.gPerMl, measures).spoons
        : null
    return {
      what: m.what,
      unit: m.unit,
      amount: m.unit === 'each' ? Math.max(1, Math.ceil(amount - 1e-9)) : amount,
      spoons,
      buy: m.buy ?? false,
      starter: m.starter ?? false,
    }
  })
  const warnings: RecipeWarning[] = []
  if (!(volumeL > 0)) warnings.push({ code: 'no-vessel', volumeL })
  const share = volumeL > 0 ? has / (volumeL * 1000) : 0
  if (method.starterShare > 0 && share < method.leastStarterShare)
    warnings.push({
      code: 'starter-too-small',
      shareOfVessel: share,
      leastShare: method.leastStarterShare,
    })
  const least = food.leastMatterGPerL ?? 0
  if (method.vessel.matterGPerL < least)
    warnings.push({ code: 'matter-too-thin', gPerL: method.vessel.matterGPerL, leastGPerL: least })
  return {
    food: food.profile.id,
    method: method.id,
    volumeL,
    lines,
    shopping: lines.filter(l => l.buy),
    starterMl: usual,
    warnings,
  }
}

/** Divides a starter over vessels, so that one accident does not end the line: mL for each, and whether each gets enough. */
export function splitStarter(
  method: FoodMethod,
  starterMl: number,
  vesselsL: readonly number[],
): { ml: number; enough: boolean }[] {
  const total = vesselsL.reduce((a, b) => a + b, 0)
  return vesselsL.map(l => {
    const ml = total > 0 ? (starterMl * l) / total : 0
    return { ml, enough: ml >= method.leastStarterShare * l * 1000 }
  })
}

/** Most vessels of a size that a starter can still seed. */
export const mostVessels = (method: FoodMethod, starterMl: number, volumeL: number) =>
  method.leastStarterShare > 0
    ? Math.floor(starterMl / (method.leastStarterShare * volumeL * 1000) + 1e-9)
    : Infinity
