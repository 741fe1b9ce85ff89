import { addDays, type LocalDate } from '../../time/localDate'
import { coarse, decided, lackingDays } from './coarse'
import { buildProblem, type BuiltProblem } from './buildProblem'
import { plannedStart, type PlannedStart } from './explainStart'
import { bandsOf, fatesOf } from './fates'
import { playFutures, type Cover } from './futures'
import { gapsOf, type PlanGap } from './gaps'
import { asGood, joinStarts, lackingFoods, type Quality } from './keptOrNew'
import { lastStarts, type LastStart } from './lastStarts'
import { plannedHatches, type HatchLine } from './plannedHatches'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { HORIZON, type PlanRequest } from './request'
import { PLAN_LIMITS, solvePlan } from './solvePlan'
import type { SolveLimits, SolveProgress, Solver } from '../../math/solver'
import { supplyCurves, type FoodCurve } from './supplyCurves'
import { takesOf, type Take } from './takes'
import { backups, weakFoods } from './tighten'

export interface CulturePlan {
  status: PlanSolution['status']
  objective: number
  gap: number
  from: LocalDate
  days: number
  certainty: number
  starts: PlannedStart[]
  hatches: HatchLine[]
  takes: Take[]
  cover: (Omit<Cover, 'day'> & { day: LocalDate })[]
  lastStarts: LastStart[]
  gaps: PlanGap[]
  curves: FoodCurve[]
  /** By food: organisms a day of one new vessel, by days since its start; for moving starts about by eye. */
  profiles: Record<string, number[]>
  /** Pins that no vessel is free for, in words; the plan is then infeasible. */
  clash: string | null
}

/** What a plan is doing, for whoever waits: which of at most five solves, and how near it is. */
export interface PlanProgress extends SolveProgress {
  solve: number
  ofAtMost: number
}

/** Times that backups are raised and the plan is solved again after the first two solves. */
const ROUNDS = 3
const FIRST_FUTURES = 300
/** First, with backups, tightened three times, and each of these once more where vessels are short; then against the kept plan. */
const MOST_SOLVES = 2 * (ROUNDS + 1) + 3
/** Times that days are added which were passed over. */
const LOOKS = 3
const LACKS_FROM = 0.01
/** A round of tightening must take at least a tenth of the doubt away. */
const WORTH = 0.9

/**
 * Plans a room: starts of cultures by a mixed-integer programme, made up to the backups that the certainty asks for, tightened at most three
 * times where simulated futures leave a day too doubtful; then whole hatches at whole rounds, and what is short with ways to close it.
 * @param progress called now and then; false stops and yields the best plan so far
 */
export function planRoom(
  r: PlanRequest,
  solver: Solver,
  limits: SolveLimits = PLAN_LIMITS,
  progress?: (p: PlanProgress) => boolean,
): CulturePlan {
  const days = Math.max(1, Math.min(HORIZON.most, Math.round(r.days)))
  const built = buildProblem(r, days)
  const fates = fatesOf(r, built, days)
  let solves = 0
  let stopped = false
  let spent = 0
  const solve = (p: PlanProblem, asked: SolveLimits = limits): PlanSolution => {
    solves++
    // The clock is one for all solves: a late one may not start the hour anew.
    const left = { ...asked, seconds: Math.max(1, asked.seconds - spent) }
    const s = solvePlan(
      p,
      solver,
      left,
      progress &&
        (x => {
          const on = progress({ ...x, solve: solves, ofAtMost: MOST_SOLVES })
          stopped ||= !on
          return on
        }),
    )
    spent += s.seconds ?? 0
    return s
  }
  const full = built.problem
  // Backups hang on the room alone, not on what was planned before: the same room asks for the same ones.
  let problem = coarse({ ...full, begun: [] })
  let solution = solve(problem)
  if (
    solution.meals.length + solution.starts.length + solution.shortages.length === 0 &&
    solution.status === 'infeasible'
  )
    return clashing(r, built, days)
  const timeLeft = () => !stopped && solution.status !== 'time-limit'
  const keep = (next: PlanSolution) => {
    if (next.status !== 'infeasible') solution = next
  }
  /** Solves with backups; those that no vessel is free for are asked for no more, lest they drown what is weighed. */
  const solveBacked = (least: PlanProblem['least']) => {
    problem = { ...problem, least }
    keep(solve(problem))
    if (!solution.lacks.some(x => x > LACKS_FROM)) return
    problem = {
      ...problem,
      least: least.map((l, i) => ({
        ...l,
        starts: Math.max(0, Math.floor(l.starts - (solution.lacks[i] ?? 0) + LACKS_FROM)),
      })),
    }
    if (timeLeft()) keep(solve(problem))
  }
  if (!r.onlyPinned && timeLeft()) {
    const least = backups(built.starts, solution, r.certainty, Math.max(1, r.state.places.length))
    if (least.length > 0) solveBacked(least)
    let doubt = Infinity
    for (let round = 0; round < ROUNDS && timeLeft(); round++) {
      const cover = playFutures(problem, solution, fates, r.seed, FIRST_FUTURES)
      const now = cover.reduce(
        (sum, c) => sum + Math.max(0, Math.min(1, c.planned) * r.certainty - c.probability),
        0,
      )
      const least = weakFoods(built, problem, solution, cover, r.certainty, problem.least)
      // Where more vessels no longer help, time is better kept.
      if (now > WORTH * doubt || JSON.stringify(least) === JSON.stringify(problem.least)) break
      doubt = now
      solveBacked(least)
    }
  }
  // A day that was not looked at and goes short is looked at.
  const also = new Set<number>()
  const mealsOf = (starts: readonly StartOn[]) =>
    solvePlan(decided({ ...full, least: [] }, starts), solver, limits)
  const judge = (m: PlanSolution): Quality => ({
    shortage: m.status === 'infeasible' ? Infinity : m.shortages.reduce((n, x) => n + x.share, 0),
    cost: m.objective,
    doubt: playFutures(full, m, fates, r.seed, FIRST_FUTURES).reduce(
      (n, c) => n + Math.max(0, Math.min(1, c.planned) * r.certainty - c.probability),
      0,
    ),
  })
  let meals = mealsOf(solution.starts)
  for (let look = 0; look < LOOKS && !r.onlyPinned && timeLeft(); look++) {
    const missed = lackingDays(full, meals, problem)
    if (missed.length === 0) break
    for (const day of missed) also.add(day)
    problem = { ...problem, broodDays: coarse(full, also).broodDays }
    keep(solve(problem))
    meals = mealsOf(solution.starts)
  }
  if (full.begun.length > 0 && !r.onlyPinned && timeLeft()) {
    const kept = joinStarts([...full.begun, ...full.pinned])
    const keptMeals = mealsOf(kept)
    const fresh = judge(meals)
    if (asGood(judge(keptMeals), fresh))
      solution = {
        ...keptMeals,
        objective: solution.objective,
        gap: solution.gap,
        status: solution.status,
      }
    else {
      // What does not lack is left where it stands. A hundredth of a large objective is many moves: here a tenth of that.
      const touched = lackingFoods(full, keptMeals, meals, m =>
        playFutures(full, m, fates, r.seed, FIRST_FUTURES),
      )
      const stands = full.begun.filter(
        b => !touched.has(built.starts.find(x => x.id === b.startable)?.food ?? ''),
      )
      const finer = { ...limits, gap: limits.gap / 10 }
      const near = solve(
        { ...problem, begun: full.begun, pinned: joinStarts([...stands, ...full.pinned]) },
        finer,
      )
      if (near.status !== 'infeasible' && asGood(judge(mealsOf(near.starts)), fresh))
        solution = near
      else {
        problem = { ...problem, begun: full.begun }
        keep(solve(problem, finer))
      }
    }
    meals = mealsOf(solution.starts)
  }
  if (meals.status !== 'infeasible')
    solution = {
      ...meals,
      status: solution.status,
      objective: solution.objective,
      gap: solution.gap,
    }
  problem = full
  const on = (day: number) => addDays(r.from, day)
  const starts = solution.starts.map(s =>
    plannedStart(
      r,
      built.starts.find(x => x.id === s.startable)!,
      s,
      solution,
      problem,
    ),
  )
  return {
    status: solution.status,
    objective: solution.objective,
    gap: solution.gap,
    from: r.from,
    days,
    certainty: r.certainty,
    clash: null,
    starts: starts.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.food < b.food ? -1 : 1)),
    hatches: plannedHatches(r, problem, solution).lines,
    takes: takesOf(problem, solution, r.from),
    cover: playFutures(problem, solution, fates, r.seed).map(c => ({ ...c, day: on(c.day) })),
    lastStarts: lastStarts(built.problem, built.starts, r.from),
    gaps: gapsOf(r, problem, solution, built.starts),
    curves: supplyCurves(problem, solution, built.starts, bandsOf(r, days)),
    profiles: profilesOf(built),
  }
}

const profilesOf = ({ starts }: BuiltProblem) =>
  Object.fromEntries(
    [...starts]
      .reverse()
      .map(s => [s.food, s.gives.slice(0, s.holdsDays).map(g => Number(g.toPrecision(4)))]),
  )

/** Where pins and vessels contradict each other there is no plan; it says which. */
function clashing(r: PlanRequest, built: BuiltProblem, days: number): CulturePlan {
  const over = built.problem.pinned
    .map(p => built.starts.find(s => s.id === p.startable)!)
    .find(
      s =>
        built.problem.pinned.filter(p => p.startable === s.id).reduce((n, p) => n + p.vessels, 0) >
        s.vesselClass.free,
    )
  return {
    status: 'infeasible',
    objective: Infinity,
    gap: Infinity,
    from: r.from,
    days,
    certainty: r.certainty,
    starts: [],
    hatches: [],
    takes: [],
    cover: [],
    lastStarts: lastStarts(built.problem, built.starts, r.from),
    gaps: [],
    curves: [],
    profiles: {},
    clash: over
      ? `Pins ask for more vessels for ${over.foodOf.profile.name.toLowerCase()} at one time than are free: ${over.vesselClass.free}. Unpin one, or add a vessel.`
      : 'Pins ask for more vessels at one time than are free. Unpin one, or add a vessel.',
  }
}
