import type { MaterialId } from '../records/vocabulary'
import type { FeedRule, FoodMethod, Takes } from './contract'

/** Amounts of materials, in the units of each. */
export type MaterialAmounts = Partial<Record<MaterialId, number>>

export function addTakes(sum: MaterialAmounts, takes: Takes | undefined, units: number): void {
  for (const [id, each] of Object.entries(takes ?? {})) {
    const material = id as MaterialId
    sum[material] = (sum[material] ?? 0) + each * units
  }
}

/** What the start of a vessel takes by its recipe. */
export function startTakes(method: FoodMethod, litres: number): MaterialAmounts {
  const sum: MaterialAmounts = {}
  for (const m of method.measures) addTakes(sum, m.takes, m.perL * (m.fixed ? 1 : litres))
  return sum
}

/** What a feed takes, given in the unit of its rule. */
export function feedTakes(rule: FeedRule, amount: number): MaterialAmounts {
  const sum: MaterialAmounts = {}
  addTakes(sum, rule.takes, amount)
  return sum
}
