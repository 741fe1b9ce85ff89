import type { BuiltProblem } from './buildProblem'
import type { Cover } from './futures'
import type { PlanProblem, PlanSolution } from './problem'
import { lastSafeDays, readyBy, vesselsFor } from './redundancy'
import type { RoomStart } from './startables'

/** From this share of a day's ration on a food is needed. */
export const NEEDED_FROM = 0.05
/** A day leans on a food from this share on. */
const LEANS_FROM = 0.2
/** A day is planned whole from here on: what is short by plan is a gap, not a doubt. */
const WHOLE_FROM = 0.9
/** A start that is ready only so many days after the day it is wanted for does not help it. */
const WINDOW_D = 6

const vesselsOf = (starts: readonly RoomStart[], food: string) =>
  starts.filter(s => s.food === food).reduce((n, s) => n + s.vesselClass.free, 0)

type Least = PlanProblem['least'][number]

/** Days on which a vessel can have been started that is to stand ready on a day, and by which nine in ten are. */
function windowFor(s: RoomStart, need: number): { fromDay: number; byDay: number; late: boolean } {
  const safe = Math.floor(need - lastSafeDays(s.reliability))
  return {
    fromDay: Math.max(0, Math.floor(need) - s.holdsDays + 1),
    byDay: Math.max(s.fromDay, safe),
    late: safe < s.fromDay,
  }
}

const startedIn = (
  solution: PlanSolution,
  starts: readonly RoomStart[],
  food: string,
  from: number,
  to: number,
) =>
  solution.starts
    .filter(
      x => x.day >= from && x.day <= to && starts.find(y => y.id === x.startable)?.food === food,
    )
    .reduce((n, x) => n + x.vessels, 0)

/**
 * For the first meal that each start of a first plan serves: as many vessels as the certainty asks for, started so that they stand ready then.
 * A vessel that stands for two of them counts for both.
 */
export function backups(
  starts: readonly RoomStart[],
  solution: PlanSolution,
  certainty: number,
  places: number,
): Least[] {
  return [...new Set(starts.map(s => s.food))].flatMap(food => {
    const s = starts.find(x => x.food === food)!
    const { reliability: rel } = s
    const meals = solution.meals
      .filter(m => m.food === food && m.share > NEEDED_FROM)
      .map(m => m.day)
      .sort((a, b) => a - b)
    const days = solution.starts
      .filter(x => starts.find(y => y.id === x.startable)?.food === food)
      .map(x => meals.find(d => d >= x.day + rel.readyDays) ?? Math.ceil(x.day + rel.readyDays))
    return [...new Set(days)].map((need): Least => {
      const { fromDay, byDay, late } = windowFor(s, need)
      const standing = Math.max(
        1,
        startedIn(solution, starts, food, fromDay, Math.floor(need - rel.readyDays)),
      )
      // Where the last safe day has passed, more vessels would not make it earlier.
      const ready = late ? 1 - rel.failure : readyBy(rel, need - byDay)
      return {
        food,
        fromDay,
        byDay,
        starts: Math.min(
          vesselsOf(starts, food),
          vesselsFor(standing, ready, certainty, places).vessels,
        ),
      }
    })
  })
}

/** Days, by food that they lean on, that are planned whole and yet less sure than wanted. */
function doubtfulDays(
  solution: PlanSolution,
  cover: readonly Cover[],
  certainty: number,
): Map<string, Set<number>> {
  const shares = new Map<string, { food: string; share: number }[]>()
  for (const m of solution.meals) {
    const key = `${m.brood}\n${m.day}`
    shares.set(key, [...(shares.get(key) ?? []), m])
  }
  const days = new Map<string, Set<number>>()
  for (const c of cover) {
    if (c.planned < WHOLE_FROM || c.probability >= certainty) continue
    for (const m of shares.get(`${c.brood}\n${c.day}`) ?? [])
      if (m.share > LEANS_FROM) days.set(m.food, (days.get(m.food) ?? new Set()).add(c.day))
  }
  return days
}

/**
 * Days that are planned whole and yet less sure than wanted: the foods of those days get a further vessel, started by the last safe day.
 * @param had what was asked for before; it is never taken back
 */
export function weakFoods(
  { starts }: BuiltProblem,
  p: PlanProblem,
  solution: PlanSolution,
  cover: readonly Cover[],
  certainty: number,
  had: readonly Least[],
): Least[] {
  const days = doubtfulDays(solution, cover, certainty)
  const least = [...had]
  for (const [food, weak] of days) {
    const s = starts.find(x => x.food === food)
    if (!s) continue
    const most = vesselsOf(starts, food)
    // One further vessel serves from when it is ready until it is renewed.
    let servedTo = -1
    for (const day of [...weak].sort((a, b) => a - b)) {
      if (day < servedTo) continue
      const { fromDay, byDay } = windowFor(s, day)
      // It cannot be there in time: a matter of gaps and ways to close them.
      if (byDay + s.reliability.readyDays > day + WINDOW_D || byDay >= p.days) continue
      servedTo = byDay + s.holdsDays
      const made = startedIn(solution, starts, food, fromDay, byDay)
      const known = least.findIndex(l => l.food === food && l.byDay === byDay)
      if (known >= 0)
        least[known] = {
          ...least[known]!,
          starts: Math.min(most, Math.max(least[known]!.starts, made) + 1),
        }
      else if (made < most) least.push({ food, fromDay, byDay, starts: made + 1 })
    }
  }
  return least
}
