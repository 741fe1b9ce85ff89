import type { MaterialId } from '../records/vocabulary'
import { materialUses } from '../stock/materialUses'
import type { RoomState } from '../stock/roomState'
import { addDays, addHours } from '../time/localDate'
import { cultureUse, cultureUseBehind, type UseByDay } from './cultureUse'
import { BEHIND_D, hatchWater, usedToPlanned } from './cystUse'

const sumOf = (byDay: UseByDay, of: MaterialId) => byDay.reduce((sum, d) => sum + (d[of] ?? 0), 0)

/** What cultures were fed of late, by material; starts are not counted: they come as they are planned. */
function fedBehind(state: RoomState): ReadonlyMap<MaterialId, number> {
  const since = addHours(state.now, -BEHIND_D * 24)
  const deeds = state.entries.filter(e => e.kind === 'culture.did' && e.at >= since)
  const fed = new Map<MaterialId, number>()
  for (const use of materialUses(deeds, state.cultures, [])) {
    if (use.of !== null) fed.set(use.of, (fed.get(use.of) ?? 0) + use.amount)
  }
  return fed
}

/**
 * What will be used of each material, day by day, in its unit: recipes of the starts that are planned, feeds and renewals of what
 * runs, salt and soda of the hatches. Feeds are corrected by how this room has fed so far.
 * @param cysts g by day
 */
export function materialUse(
  state: RoomState,
  cysts: readonly number[],
): ReadonlyMap<MaterialId, number[]> {
  const days = cysts.length
  const ahead = cultureUse(state, days)
  const behind = cultureUseBehind(state, addDays(state.today, -BEHIND_D), BEHIND_D)
  const fed = fedBehind(state)
  const { saltG, sodaG } = hatchWater(state, cysts)
  const all = new Set(ahead.flatMap(d => Object.keys(d) as MaterialId[]))
  const use = new Map<MaterialId, number[]>()
  for (const of of all) {
    const factor = usedToPlanned(fed.get(of) ?? 0, sumOf(behind, of))
    use.set(
      of,
      ahead.map(d => (d[of] ?? 0) * factor),
    )
  }
  const add = (of: MaterialId, byDay: readonly number[]) => {
    const sum = byDay.map((u, d) => u + (use.get(of)?.[d] ?? 0))
    if (sum.some(u => u > 0)) use.set(of, sum)
  }
  add('salt', saltG)
  add('soda', sodaG)
  return use
}
