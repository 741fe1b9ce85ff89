import type { Cover } from './futures'
import type { PlanProblem, PlanSolution, StartOn } from './problem'

/** What matters of a plan to whoever works by it: days of food that lack, days of doubt, and what it costs in all. */
export interface Quality {
  shortage: number
  doubt: number
  cost: number
}
/** Brood-days that a plan may be worse by, and share of its cost, before it is worth while to move from it. */
const STAYS = { shortage: 0.1, doubt: 0.5, doubtShare: 0.15, cost: 5, costShare: 0.05 } as const
/** What a brood-day of doubt less is worth, as cost: about a hundredth of a day without food (working estimate). */
const SURER = 10

export const asGood = (kept: Quality, other: Quality): boolean =>
  kept.shortage <= other.shortage + STAYS.shortage &&
  kept.doubt <= other.doubt * (1 + STAYS.doubtShare) + STAYS.doubt &&
  kept.cost <=
    other.cost +
      STAYS.cost +
      STAYS.costShare * Math.abs(other.cost) +
      SURER * Math.max(0, other.doubt - kept.doubt)

/** Shares of a ration that are no matter, and certainty. */
const SHORT_FROM = 0.02
const DOUBT_STANDS = 0.05

/** Foods of the days on which a kept plan does worse than a new one: only they have to move. */
export function lackingFoods(
  p: PlanProblem,
  kept: PlanSolution,
  fresh: PlanSolution,
  cover: (m: PlanSolution) => Cover[],
): Set<string> {
  const key = (x: { brood: string; day: number }) => `${x.brood}\n${x.day}`
  const short = new Map(fresh.shortages.map(s => [key(s), s.share]))
  const sure = new Map(cover(fresh).map(c => [key(c), c.probability]))
  const bad = new Set([
    ...kept.shortages.filter(s => s.share > (short.get(key(s)) ?? 0) + SHORT_FROM).map(key),
    ...cover(kept)
      .filter(c => c.probability < (sure.get(key(c)) ?? 0) - DOUBT_STANDS)
      .map(key),
  ])
  return new Set(p.broodDays.filter(b => bad.has(key(b))).flatMap(b => b.foods.map(f => f.food)))
}

/** One line for a day and a way. */
export const joinStarts = (list: readonly StartOn[]): StartOn[] => {
  const found = new Map<string, StartOn>()
  for (const s of list)
    found.set(`${s.startable}\n${s.day}`, {
      ...s,
      vessels: Math.max(s.vessels, found.get(`${s.startable}\n${s.day}`)?.vessels ?? 0),
    })
  return [...found.values()]
}
