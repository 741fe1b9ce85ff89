import type { FeedRule, FoodMethod } from '../foods/contract'
import { foodOf } from '../foods/index'
import { addTakes, feedTakes, startTakes, type MaterialAmounts } from '../foods/takes'
import { keptPlan, startsLeft, startStates } from '../planning/plan/keptPlan'
import type { CultureState } from '../stock/cultures'
import type { RoomState } from '../stock/roomState'
import { daysBetween, localDateOf, type LocalDate } from '../time/localDate'

/** Days between two feeds of a vessel that is fed when it thins, and when it has cleared (working estimates). */
const THINS_D = 7
const CLEARS_D = 1

export type UseByDay = MaterialAmounts[]

/** A vessel that is fed and renewed, from a day on. */
interface Kept {
  method: FoodMethod
  litres: number
  /** Day of its start against the first day; before it: negative. */
  startDay: number
  endDay: number
}

function feedEvery({ when, everyDays }: FeedRule): number {
  if (when === 'every') return everyDays ?? 1
  return when === 'thin' ? THINS_D : CLEARS_D
}

/** What cultures take day by day: of feeds, and of recipes, for starts and where a vessel is renewed. */
export interface CultureUse {
  feeds: UseByDay
  recipes: UseByDay
}
const nothing = (days: number): CultureUse => ({
  feeds: Array.from({ length: days }, () => ({})),
  recipes: Array.from({ length: days }, () => ({})),
})

/** What keeping one vessel takes day by day: shares of a feed, and its recipe again when it is renewed. */
function addKeeping({ feeds, recipes }: CultureUse, kept: Kept): void {
  const { method, litres, startDay, endDay } = kept
  const rule = method.feed
  const first = Math.max(0, startDay + 1)
  const daily = rule ? feedTakes(rule, (rule.perL * litres) / feedEvery(rule)) : {}
  const last = Math.min(feeds.length, endDay)
  for (let d = first; d < last; d++) addTakes(feeds[d]!, daily, 1)
  const again = method.renewAfterDays
  const due = startDay + again
  // Past its age it is renewed within days: as if it were today.
  for (let d = Math.max(0, due); d < last; d += again)
    addTakes(recipes[d]!, startTakes(method, litres), 1)
}

const methodOf = (foodId: string, methodId: string) =>
  foodOf(foodId)?.methods.find(m => m.id === methodId)

/** What running cultures and the starts of the kept plan will take of materials. */
export function cultureUse(state: RoomState, days: number): CultureUse {
  const use = nothing(days)
  for (const c of state.cultureStates) {
    const kept = keptOf(c, state, state.today)
    if (kept && c.ended === null) addKeeping(use, kept)
  }
  const left = startsLeft(startStates(state.entries, state.cultureStates), state.today)
  for (const s of keptPlan(state.entries) ? left : []) {
    const method = methodOf(s.food, s.method)
    const startDay = daysBetween(state.today, s.on)
    if (!method || startDay >= days) continue
    const litres = s.litres * s.vessels
    addTakes(use.recipes[startDay]!, startTakes(method, litres), 1)
    addKeeping(use, { method, litres, startDay, endDay: Infinity })
  }
  return use
}

function keptOf(c: CultureState, state: RoomState, from: LocalDate): Kept | null {
  if (c.hatch) return null
  const method = methodOf(c.record.foodId, c.record.methodId)
  if (!method) return null
  const dayOf = (at: string) => daysBetween(from, localDateOf(at, state.room.timeZone))
  return {
    method,
    litres: c.record.litres,
    startDay: dayOf(c.renewedAt),
    endDay: c.ended ? dayOf(c.ended.at) + 1 : Infinity,
  }
}

/** What the same rules would have said of the days behind, from a date on, without starts: those were not known. */
export function cultureUseBehind(state: RoomState, from: LocalDate, days: number): CultureUse {
  const use = nothing(days)
  for (const c of state.cultureStates) {
    const kept = keptOf(c, state, from)
    if (kept) addKeeping(use, { ...kept, startDay: Math.min(kept.startDay, days) })
  }
  return use
}
