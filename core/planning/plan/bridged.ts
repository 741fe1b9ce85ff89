import { foodOf } from '../../foods/index'
import { stretchesOf, type PlanGap } from './gaps'
import type { Way } from './closing'
import { onlyBridges } from './onlyBridges'
import type { PlanProblem, PlanSolution } from './problem'
import type { PlanRequest } from './request'
import { standbyOf } from './standby'
import type { RoomStart } from './startables'

/** From this share of a day's ration on a brood lives on it, and from so many days on that is no bridge any more. */
const LIVES_ON_FROM = 0.5
const LONG_D = 3
/** What is kept already would do it so surely: then the plan had its reason. */
const KEPT_WOULD = 0.3

const isKept = (w: Way) => w.kind === 'start' || w.kind === 'buy' || w.kind === 'more hatches'

/**
 * Stretches of days that are planned whole and on which a brood lives mostly on what only carries it over,
 * where nothing that is kept would feed it better: each with the living foods that would.
 */
export function bridgedOf(
  r: PlanRequest,
  p: PlanProblem,
  solution: PlanSolution,
  starts: readonly RoomStart[],
): PlanGap[] {
  const worth = new Map(
    p.broodDays.flatMap(b =>
      b.foods.map(f => [`${b.brood}\n${b.day}\n${f.food}`, f.worth] as const),
    ),
  )
  const isStandby = standbyOf(p)
  const poor = solution.meals.filter(
    m =>
      !isStandby(m) &&
      onlyBridges({ worth: worth.get(`${m.brood}\n${m.day}\n${m.food}`) ?? 1 }, !foodOf(m.food)),
  )
  const days = new Map<string, { brood: string; day: number; share: number }>()
  for (const { brood, day, share } of poor) {
    const key = `${brood}\n${day}`
    days.set(key, { brood, day, share: share + (days.get(key)?.share ?? 0) })
  }
  const lived = [...days.values()].filter(d => d.share >= LIVES_ON_FROM)
  return stretchesOf(r, p, lived, starts)
    .filter(s => s.days >= LONG_D)
    .filter(s => !s.ways.some(w => isKept(w) && w.closes * w.likely >= KEPT_WOULD))
    .map(s => ({ ...s, ways: s.ways.filter(w => w.kind === 'other food') }))
}
