import { addHours } from '../../time/localDate'
import { ofKind } from '../../records/effectiveEntries'
import type { EntryOf } from '../../records/entries'
import type { RoomState } from '../../stock/roomState'
import { edible } from '../../fry/edibles'
import { SUITABLE } from '../../fry/shares'
import type { RoundOccurrence } from '../../time/rounds'
import type { Want, WantedFood } from './want'

/** Smallest share of a day that is worth a meal of its own. */
export const WORTH_A_MEAL = 0.2
/** Days over which the shares of the ladder are met. */
export const SHARES_OVER_DAYS = 2

/** Meals of a tank in the last two days, the newest last: of each its foods, by share of the meal. */
export type MealsGiven = readonly ReadonlyMap<string, number>[]

/** Dry matter of a portion, as far as it matters for shares. */
const dryOf = (p: EntryOf<'tank.fed'>['data']['portions'][number]) =>
  p.organisms * p.energy * (edible(p.foodId)?.dryUg ?? 0)

/** Shares are met over two days: meals of more days back count for nothing, h. */
const BACK_H = 96

/** Meals of the last days that the log knows, by tank and round; those of one round are one meal. */
export function mealsLogged(state: RoomState): Map<string, Map<string, Map<string, number>>> {
  const byTank = new Map<string, Map<string, Map<string, number>>>()
  const since = addHours(state.now, -BACK_H)
  const fed = ofKind(state.entries, 'tank.fed')
  for (const { data } of fed.slice(fed.findLastIndex(e => e.at < since) + 1)) {
    const tank = byTank.get(data.tankId) ?? new Map<string, Map<string, number>>()
    byTank.set(data.tankId, tank)
    const meal = tank.get(data.roundKey) ?? new Map<string, number>()
    tank.set(data.roundKey, meal)
    for (const p of data.portions) {
      if (edible(p.foodId)?.lasting) continue
      meal.set(p.foodId, (meal.get(p.foodId) ?? 0) + dryOf(p))
    }
  }
  return byTank
}

/** A meal as shares of its foods. */
function asShares(meal: ReadonlyMap<string, number>): Map<string, number> {
  const all = [...meal.values()].reduce((a, b) => a + b, 0)
  return new Map([...meal].filter(() => all > 0).map(([id, dry]) => [id, dry / all]))
}

/** Meals of a tank at the rounds before this one, two days back. */
export function mealsBefore(
  logged: ReadonlyMap<string, ReadonlyMap<string, number>> | undefined,
  rounds: readonly RoundOccurrence[],
  round: RoundOccurrence,
  perDay: number,
): ReadonlyMap<string, number>[] {
  const at = rounds.findIndex(r => r.key === round.key)
  const window = rounds.slice(Math.max(0, at - SHARES_OVER_DAYS * perDay + 1), Math.max(0, at))
  return window.flatMap(r => {
    const meal = logged?.get(r.key)
    return meal && meal.size > 0 ? [asShares(meal)] : []
  })
}

/** Shares of the ladder as whole meals can meet them: those under a fifth of a day go to the others. */
function mealShares(want: Want): Map<string, number> {
  const shares = [...want.foods.values()].filter(f => f.share > 0 && !f.food.lasting)
  const worth = shares.filter(f => f.share >= WORTH_A_MEAL)
  const kept = worth.length > 0 ? worth : shares
  const all = kept.reduce((sum, f) => sum + f.share, 0)
  return new Map(kept.map(f => [f.food.id, f.share / all]))
}

/** Alive when it is given: it swims or crawls, so fry see it. */
const isAlive = (f: WantedFood) => 'family' in f.food

/** Tiers of what may be given: the ladder's own, what stands in for it alive, then frozen and powder, then whatever fits. */
function tierOf(f: WantedFood, shares: ReadonlyMap<string, number>): number {
  if ((shares.get(f.food.id) ?? 0) > 0) return 0
  if (f.suits < SUITABLE) return 3
  return isAlive(f) ? 1 : 2
}

/** A food in its turn: the tier it stands in, and how far it lies behind its share, in meals. */
export interface Turn {
  food: WantedFood
  tier: number
  behind: number
}

/**
 * Foods for a meal of a tank, the first to try first: of the ladder's that which lies most behind its
 * share over two days, then what stands in for it, best suited first.
 * @param given meals of the last two days
 */
export function foodsInTurn(want: Want, given: MealsGiven): Turn[] {
  const shares = mealShares(want)
  const eaten = (id: string) => given.reduce((sum, m) => sum + (m.get(id) ?? 0), 0)
  const behind = (id: string) => (shares.get(id) ?? 0) * (given.length + 1) - eaten(id)
  const foods = [...want.foods.values()].filter(f => !f.food.lasting)
  return foods
    .map(food => ({ food, tier: tierOf(food, shares), behind: behind(food.food.id) }))
    .sort(
      (a, b) =>
        a.tier - b.tier ||
        (a.tier === 0 ? b.behind - a.behind : 0) ||
        b.food.suits - a.food.suits ||
        (a.food.food.id < b.food.food.id ? -1 : 1),
    )
}

/** Meals by which a food may lie less behind than another and still be taken, because its vessel is open anyway. */
const OPEN_ANYWAY = 0.6

/** The food to take: the first in turn, or one of nearly the same turn whose vessel is opened for another tank. */
export function takenInTurn(turns: readonly Turn[], opened: ReadonlySet<string>): Turn | null {
  const first = turns[0]
  if (!first) return null
  const near = turns.find(
    t =>
      t.tier === first.tier &&
      opened.has(t.food.food.id) &&
      (t.tier !== 0 || first.behind - t.behind < OPEN_ANYWAY),
  )
  return near ?? first
}
