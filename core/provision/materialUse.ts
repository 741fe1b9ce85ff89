import type { Entry } from '../records/entries'
import type { MaterialId } from '../records/vocabulary'
import { materialUses } from '../stock/materialUses'
import type { RoomState } from '../stock/roomState'
import { addDays, addHours } from '../time/localDate'
import { cultureUse, cultureUseBehind, type UseByDay } from './cultureUse'
import { BEHIND_D, hatchWater, usedToPlanned } from './cystUse'
import type { UseDoubt } from './useDoubt'

const sumOf = (byDay: UseByDay, of: MaterialId) => byDay.reduce((sum, d) => sum + (d[of] ?? 0), 0)

/** Starts of late that nobody planned: so many of them come again (working estimate). */
const GOES_ON = 0.5

/** What is used of a material by day, in its unit, and how well that is known. */
export interface ExpectedUse {
  byDay: number[]
  doubt: UseDoubt
}
export type MaterialUses = ReadonlyMap<MaterialId, ExpectedUse>

/** What was used of late, by material: amounts, one by one. */
function usedBehind(
  state: RoomState,
  by: (e: Entry) => boolean,
): ReadonlyMap<MaterialId, number[]> {
  const since = addHours(state.now, -BEHIND_D * 24)
  const mine = state.entries.filter(e => e.at >= since && by(e))
  const used = new Map<MaterialId, number[]>()
  for (const { of, amount } of materialUses(mine, state.cultures, []))
    if (of !== null) used.set(of, [...(used.get(of) ?? []), amount])
  return used
}
const total = (amounts: readonly number[]) => amounts.reduce((a, b) => a + b, 0)

/** Recipes a day beyond those that are planned: a room goes on starting as it did, in half. */
const unplanned = (started: number, planned: number, days: number): number =>
  Math.max(0, (GOES_ON * started) / BEHIND_D - planned / Math.max(1, days))

/** Where nothing was used the largest use that is planned is the grain. */
function doubtOf(amounts: readonly number[], byDay: readonly number[]): UseDoubt {
  const times = amounts.length
  return { times, each: times > 0 ? total(amounts) / times : Math.max(0, ...byDay) }
}

/**
 * What will be used of each material, day by day, in its unit: recipes of the starts that are planned, feeds and renewals of what
 * runs, salt and soda of the hatches. Feeds are corrected by how this room has fed so far.
 * @param cysts g by day
 */
export function materialUse(state: RoomState, cysts: readonly number[]): MaterialUses {
  const days = cysts.length
  const ahead = cultureUse(state, days)
  const behind = cultureUseBehind(state, addDays(state.today, -BEHIND_D), BEHIND_D)
  // Starts come as they are planned; how a room feeds corrects what is said of its feeds.
  const fed = usedBehind(state, e => e.kind === 'culture.did')
  const started = usedBehind(state, e => e.kind === 'culture.started' && !e.data.hatch)
  const hatched = usedBehind(state, e => e.kind === 'culture.started' && !!e.data.hatch)
  const { saltG, sodaG } = hatchWater(state, cysts)
  const asked = [...ahead.feeds, ...ahead.recipes].flatMap(d => Object.keys(d) as MaterialId[])
  const all = new Set([...asked, ...started.keys()])
  const use = new Map<MaterialId, number[]>()
  for (const of of all) {
    const factor = usedToPlanned(total(fed.get(of) ?? []), sumOf(behind.feeds, of))
    const more = unplanned(total(started.get(of) ?? []), sumOf(ahead.recipes, of), days)
    use.set(
      of,
      ahead.feeds.map((d, day) => (d[of] ?? 0) * factor + (ahead.recipes[day]![of] ?? 0) + more),
    )
  }
  const add = (of: MaterialId, byDay: readonly number[]) => {
    const sum = byDay.map((u, d) => u + (use.get(of)?.[d] ?? 0))
    if (sum.some(u => u > 0)) use.set(of, sum)
  }
  add('salt', saltG)
  add('soda', sodaG)
  const used = (of: MaterialId) => [fed, started, hatched].flatMap(u => u.get(of) ?? [])
  return new Map([...use].map(([of, byDay]) => [of, { byDay, doubt: doubtOf(used(of), byDay) }]))
}
