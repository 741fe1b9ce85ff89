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
/** A backup may be started so many days before its day. */
const EARLIER_D = 3
/** Days around the last safe day within which a further vessel may be started. */
const WINDOW_D = 6

const vesselsOf = (starts: readonly RoomStart[], food: string) => starts.filter(s => s.food === food).reduce((n, s) => n + s.vesselClass.free, 0)

type Least = PlanProblem['least'][number]

/** Windows of one food that overlap ask for what they ask together, and none for more than there are vessels for while earlier ones stand. */
function joined(list: readonly Least[], most: number, holdsDays: number): Least[] {
  const merged: Least[] = []
  for (const l of [...list].sort((a, b) => a.fromDay - b.fromDay)) {
    const last = merged.at(-1)
    if (last && l.fromDay <= last.byDay) merged[merged.length - 1] = { ...last, byDay: Math.max(last.byDay, l.byDay), starts: last.starts + l.starts }
    else merged.push(l)
  }
  const out: Least[] = []
  for (const l of merged) {
    const standing = out.filter(o => o.byDay > l.fromDay - holdsDays).reduce((n, o) => n + o.starts, 0)
    out.push({ ...l, starts: Math.max(1, Math.min(l.starts, most - standing)) })
  }
  return out
}

/** Starts that a first plan makes, each made up to the number that the certainty asks for, about the day on which it made them. */
export function backups(starts: readonly RoomStart[], solution: PlanSolution, certainty: number, places: number): Least[] {
  const foods = [...new Set(starts.map(s => s.food))]
  return foods.flatMap((food) => {
    const asked = starts.filter(s => s.food === food).flatMap(s => solution.starts.filter(x => x.startable === s.id).map((x): Least & { made: number } => {
      const { reliability: rel } = s
      const meal = Math.min(...solution.meals.filter(m => m.food === food && m.share > NEEDED_FROM && m.day >= x.day + rel.readyDays).map(m => m.day), Infinity)
      const need = Number.isFinite(meal) ? meal : x.day + rel.readyDays
      // Started by the last safe day nine in ten are there; where that has passed, more vessels would not make it earlier.
      const safe = Math.floor(need - lastSafeDays(rel))
      const late = safe < s.fromDay
      const byDay = Math.max(s.fromDay, Math.min(x.day, safe))
      const ready = late ? 1 - rel.failure : readyBy(rel, need - byDay)
      return { food, fromDay: Math.max(0, byDay - EARLIER_D), byDay, made: x.vessels, starts: vesselsFor(x.vessels, ready, certainty, places).vessels }
    }))
    const most = vesselsOf(starts, food)
    // A window whose number is made already still counts: it takes vessels.
    return joined(asked.map(({ made: _, ...l }) => l), most, starts.find(s => s.food === food)!.holdsDays)
  })
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
  const days = new Map<string, Set<number>>()
  for (const c of cover) {
    if (c.planned < WHOLE_FROM || c.probability >= certainty) continue
    for (const m of shares.get(`${c.brood}\n${c.day}`) ?? []) {
      if (m.share > LEANS_FROM && starts.some(s => s.food === m.food)) days.set(m.food, (days.get(m.food) ?? new Set()).add(c.day))
    }
  }
  const least = [...had]
  for (const [food, weak] of days) {
    const s = starts.find(x => x.food === food)!
    const most = vesselsOf(starts, food)
    // One further vessel serves from when it is ready until it is renewed.
    let servedTo = -1
    for (const day of [...weak].sort((a, b) => a - b)) {
      if (day < servedTo) continue
      const byDay = Math.max(s.fromDay, Math.floor(day - lastSafeDays(s.reliability)))
      // It cannot be there in time: a matter of gaps and ways to close them.
      if (byDay + s.reliability.readyDays > day + WINDOW_D || byDay >= p.days) continue
      servedTo = byDay + s.holdsDays
      const fromDay = Math.max(0, byDay - WINDOW_D)
      const made = solution.starts.filter(x => starts.find(y => y.id === x.startable)?.food === food && x.day >= fromDay && x.day <= byDay).reduce((n, x) => n + x.vessels, 0)
      const known = least.findIndex(l => l.food === food && l.fromDay <= byDay && l.byDay >= fromDay)
      if (known >= 0) least[known] = { ...least[known]!, starts: Math.min(most, Math.max(least[known]!.starts, made) + 1) }
      else if (made < most) least.push({ food, fromDay, byDay, starts: made + 1 })
    }
  }
  // A window may ask no more than there are vessels for.
  return [...new Set(least.map(l => l.food))].flatMap(food => joined(least.filter(l => l.food === food), vesselsOf(starts, food), starts.find(s => s.food === food)?.holdsDays ?? 1))
}
