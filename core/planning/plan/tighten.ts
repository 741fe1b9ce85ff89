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
/** Days around the last safe day within which a further vessel may be started. */
const WINDOW_D = 6

const vesselsOf = (starts: readonly RoomStart[], food: string) => starts.filter(s => s.food === food).reduce((n, s) => n + s.vesselClass.free, 0)

type Least = PlanProblem['least'][number]

/** Starts that a first plan makes, made up to the number that the certainty asks for, by the day on which it made them. */
export function backups(starts: readonly RoomStart[], solution: PlanSolution, certainty: number, places: number): Least[] {
  const byFood = new Map<string, Least>()
  for (const s of starts) {
    const mine = solution.starts.filter(x => x.startable === s.id)
    if (mine.length === 0) continue
    const needed = Math.max(...mine.map(x => x.vessels))
    const start = Math.min(...mine.map(x => x.day))
    const firstMeal = Math.min(...solution.meals.filter(m => m.food === s.food && m.share > NEEDED_FROM && m.day > start).map(m => m.day), Infinity)
    const waits = Number.isFinite(firstMeal) ? Math.max(firstMeal - start, s.reliability.readyDays) : s.reliability.readyDays
    // More than there are vessels for is not asked.
    const vessels = Math.min(vesselsOf(starts, s.food), vesselsFor(needed, readyBy(s.reliability, waits), certainty, places).vessels)
    const found = byFood.get(s.food)
    if (vessels > (found?.starts ?? needed)) byFood.set(s.food, { food: s.food, fromDay: Math.max(0, start - 2), byDay: start + 1, starts: vessels })
  }
  return [...byFood.values()]
}

/**
 * Days that are planned whole and yet less sure than wanted: the foods of those days get a further vessel, started by the last safe day.
 * @param had what was asked for before; it is never taken back
 */
export function weakFoods({ starts }: BuiltProblem, p: PlanProblem, solution: PlanSolution, cover: readonly Cover[], certainty: number, had: readonly Least[]): Least[] {
  const shares = new Map<string, { food: string, share: number }[]>()
  for (const m of solution.meals) {
    const key = `${m.brood}\n${m.day}`
    shares.set(key, [...shares.get(key) ?? [], m])
  }
  const first = new Map<string, number>()
  for (const c of cover) {
    if (c.planned < WHOLE_FROM || c.probability >= certainty) continue
    for (const m of shares.get(`${c.brood}\n${c.day}`) ?? []) {
      if (m.share > LEANS_FROM && starts.some(s => s.food === m.food)) first.set(m.food, Math.min(first.get(m.food) ?? Infinity, c.day))
    }
  }
  const least = [...had]
  for (const [food, day] of first) {
    const s = starts.find(x => x.food === food)!
    const byDay = Math.max(s.fromDay, Math.floor(day - lastSafeDays(s.reliability)))
    // It cannot be there in time: a matter of gaps and ways to close them.
    if (byDay + s.reliability.readyDays > day + WINDOW_D || byDay >= p.days) continue
    const fromDay = Math.max(0, byDay - WINDOW_D)
    const made = solution.starts.filter(x => starts.find(y => y.id === x.startable)?.food === food && x.day >= fromDay && x.day <= byDay).reduce((n, x) => n + x.vessels, 0)
    const known = least.findIndex(l => l.food === food && l.fromDay <= byDay && l.byDay >= fromDay)
    const most = vesselsOf(starts, food)
    if (known >= 0) least[known] = { ...least[known]!, starts: Math.min(most, least[known]!.starts + 1) }
    else if (made < most) least.push({ food, fromDay, byDay, starts: made + 1 })
  }
  return least
}
