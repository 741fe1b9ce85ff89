import { STORE_LEAD_D } from '../../foods/buying'
import { edible } from '../../fry/edibles'
import { planDemand } from '../../planning/plan/demand'
import type { Store } from '../../stock/stores'
import { localDateOf } from '../../time/localDate'
import type { Horizon, Told } from '../provision'
import type { UseDoubt } from '../useDoubt'

/** Mouths are known better than what was never used, and worse than what is used daily (working estimate). */
const FROM_LADDERS: UseDoubt = { times: 8, each: 0 }

/** Food that does not grow, by what mouths want of it. */
export function stores({ state, days }: Horizon): Told[] {
  const wanted = new Map<string, number[]>()
  for (const b of planDemand(state, state.today, days)) {
    for (const f of b.foods) {
      const byDay = wanted.get(f.food) ?? new Array<number>(days).fill(0)
      if (b.day >= 0 && b.day < days) byDay[b.day]! += f.organisms * f.preferred
      wanted.set(f.food, byDay)
    }
  }
  return state.stores.map((s, i): Told => ({
    id: s.id,
    kind: 'store',
    name: s.name,
    of: null,
    unit: s.unit,
    left: s.amount ?? s.organisms,
    overdrawn: false,
    use: (wanted.get(s.foodId) ?? []).map(n => n / organismsPerUnit(s)),
    before: before(state.stores, i) / organismsPerUnit(s),
    doubt: FROM_LADDERS,
    // What came out of a culture of the room is not bought.
    pack: s.fromId === null ? { size: s.amount ?? 1, price: null, from: '' } : null,
    leadDays: STORE_LEAD_D,
    keepsDays: null,
    least: 0,
    staleOn: s.useBy === null ? null : localDateOf(s.useBy, state.room.timeZone),
    pricePerUnit: null,
  }))
}
/** What stands of the same food in the stores that are used first. */
const before = (all: readonly Store[], i: number): number =>
  all
    .slice(0, i)
    .filter(s => s.foodId === all[i]!.foodId)
    .reduce((sum, s) => sum + (s.organisms ?? (s.amount ?? 0) * organismsPerUnit(s)), 0)

/** Grains or animals in a unit of a store: as counted, else by the weight or the portion of the food. */
function organismsPerUnit(s: Store): number {
  if (s.perUnit !== null && s.perUnit > 0) return s.perUnit
  const food = edible(s.foodId)
  if (!food || s.amount === null) return 1
  if (s.unit === 'g') return 1e6 / food.dryUg
  return food.portion?.unit === s.unit ? food.portion.perUnit : 1
}
