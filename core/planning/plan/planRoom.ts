import { addDays, daysBetween, type LocalDate } from '../../time/localDate'
import { buildProblem, type BuiltProblem } from './buildProblem'
import { plannedStart, type PlannedStart } from './explainStart'
import { playFutures, type Cover, type Fates } from './futures'
import { gapsOf, type PlanGap } from './gaps'
import { lastStarts, type LastStart } from './lastStarts'
import { plannedHatches, type HatchLine } from './plannedHatches'
import type { PlanProblem, PlanSolution } from './problem'
import { HORIZON, type PlanRequest } from './request'
import { PLAN_LIMITS, solvePlan } from './solvePlan'
import type { SolveLimits, SolveProgress, Solver } from './solver'
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
export interface PlanProgress extends SolveProgress { solve: number, ofAtMost: number }

/** Times that backups are raised and the plan is solved again after the first two solves. */
const ROUNDS = 3
const FIRST_FUTURES = 300

/**
 * Plans a room: starts of cultures by a mixed-integer programme, made up to the backups that the certainty asks for, tightened at most three
 * times where simulated futures leave a day too doubtful; then whole hatches at whole rounds, and what is short with ways to close it.
 * @param progress called now and then; false stops and yields the best plan so far
 */
export function planRoom(r: PlanRequest, solver: Solver, limits: SolveLimits = PLAN_LIMITS, progress?: (p: PlanProgress) => boolean): CulturePlan {
  const days = Math.max(1, Math.min(HORIZON.most, Math.round(r.days)))
  const built = buildProblem(r, days)
  const fates = fatesOf(r, built, days)
  let solves = 0
  let stopped = false
  let spent = 0
  const solve = (p: PlanProblem): PlanSolution => {
    solves++
    // The clock is one for all solves: a late one may not start the hour anew.
    const left = { ...limits, seconds: Math.max(1, limits.seconds - spent) }
    let seconds = 0
    const s = solvePlan(p, solver, left, progress && ((x) => {
      seconds = x.seconds
      const on = progress({ ...x, solve: solves, ofAtMost: ROUNDS + 2 })
      stopped ||= !on
      return on
    }))
    spent += seconds
    return s
  }
  let { problem } = built
  let solution = solve(problem)
  if (solution.meals.length + solution.starts.length + solution.shortages.length === 0 && solution.status === 'infeasible') return clashing(r, built, days)
  const timeLeft = () => !stopped && solution.status !== 'time-limit'
  const keep = (next: PlanSolution) => { if (next.status !== 'infeasible') solution = next }
  if (!r.onlyPinned && timeLeft()) {
    const least = backups(built.starts, solution, r.certainty, Math.max(1, r.state.places.length))
    if (least.length > 0) {
      problem = { ...problem, least }
      keep(solve(problem))
    }
    for (let round = 0; round < ROUNDS && timeLeft(); round++) {
      const least = weakFoods(built, problem, solution, playFutures(problem, solution, fates, r.seed, FIRST_FUTURES), r.certainty, problem.least)
      if (JSON.stringify(least) === JSON.stringify(problem.least)) break
      problem = { ...problem, least }
      keep(solve(problem))
    }
  }
  const on = (day: number) => addDays(r.from, day)
  const starts = solution.starts.map(s => plannedStart(r, built.starts.find(x => x.id === s.startable)!, s, solution, problem))
  return {
    status: solution.status, objective: solution.objective, gap: solution.gap, from: r.from, days, certainty: r.certainty, clash: null,
    starts: starts.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.food < b.food ? -1 : 1)),
    hatches: plannedHatches(r, problem, solution).lines,
    takes: takesOf(problem, solution, r.from),
    cover: playFutures(problem, solution, fates, r.seed).map(c => ({ ...c, day: on(c.day) })),
    lastStarts: lastStarts(built.problem, built.starts, r.from),
    gaps: gapsOf(r, problem, solution, built.starts),
    curves: supplyCurves(problem, solution, built.starts, bandsOf(r, days)), profiles: profilesOf(built),
  }
}

const profilesOf = ({ starts }: BuiltProblem) => Object.fromEntries([...starts].reverse().map(s => [s.food, s.gives.slice(0, s.holdsDays).map(g => Number(g.toPrecision(4)))]))

/** Where pins and vessels contradict each other there is no plan; it says which. */
function clashing(r: PlanRequest, built: BuiltProblem, days: number): CulturePlan {
  const over = built.problem.pinned.map(p => built.starts.find(s => s.id === p.startable)!).find(s => built.problem.pinned.filter(p => p.startable === s.id).reduce((n, p) => n + p.vessels, 0) > s.vesselClass.free)
  return {
    status: 'infeasible', objective: Infinity, gap: Infinity, from: r.from, days, certainty: r.certainty, starts: [], hatches: [], takes: [], cover: [], lastStarts: lastStarts(built.problem, built.starts, r.from), gaps: [], curves: [], profiles: {},
    clash: over ? `Pins ask for more vessels for ${over.foodOf.profile.name.toLowerCase()} at one time than are free: ${over.vesselClass.free}. Unpin one, or add a vessel.` : 'Pins ask for more vessels at one time than are free. Unpin one, or add a vessel.',
  }
}

/** Log spread within which eight of ten lie between two numbers. */
const logSdOf = (p10: number, p90: number) => (p10 > 0 && p90 > p10 ? Math.min(1.2, Math.log(p90 / p10) / 2.5631) : 0.3)

/** What may befall what runs, what is started, and the days of the broods. */
function fatesOf(r: PlanRequest, { starts, problem }: BuiltProblem, days: number): Fates {
  return {
    running: Object.fromEntries(problem.running.map(({ id }) => {
      const ahead = r.readings.get(id)!.ahead!
      const at = (d: number) => ahead.days[Math.min(d, ahead.days.length - 1)]!
      const { p10, p90 } = at(3).gives
      return [id, { lost: Array.from({ length: days }, (_, d) => at(d).lost), logSd: logSdOf(p10, p90) }]
    })),
    starts: Object.fromEntries(starts.map((s) => {
      const logs = s.courses.readyDays.map(d => Math.log(Math.max(0.5, d)))
      const mean = logs.reduce((a, b) => a + b, 0) / Math.max(1, logs.length)
      const own = logs.reduce((v, x) => v + (x - mean) ** 2, 0) / Math.max(1, logs.length)
      return [s.id, { reliability: s.reliability, courses: s.courses.gives, lagLogSd: Math.sqrt(Math.max(0, s.reliability.readyLogSd ** 2 - own)), waits: s.fromDay }]
    })),
    broods: Object.fromEntries(r.state.broods.map(b => [b.id, b.dates.free.seen || daysBetween(r.from, b.freeOn) <= 0 ? 0 : b.dates.free.spreadDays / 1.2816])),
  }
}

/** Bands of what the running cultures give, for the eye. */
function bandsOf(r: PlanRequest, days: number): Record<string, { p10: number[], p50: number[], p90: number[] }> {
  return Object.fromEntries([...r.readings].flatMap(([id, { ahead }]) => {
    if (!ahead) return []
    const of = (k: 'p10' | 'p50' | 'p90') => Array.from({ length: days }, (_, d) => ahead.days[Math.min(d, ahead.days.length - 1)]!.gives[k])
    return [[id, { p10: of('p10'), p50: of('p50'), p90: of('p90') }]]
  }))
}
