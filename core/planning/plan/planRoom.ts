import { addDays, daysBetween, type LocalDate } from '../../time/localDate'
import { coarse, decided } from './coarse'
import { buildProblem, type BuiltProblem } from './buildProblem'
import { plannedStart, type PlannedStart } from './explainStart'
import { playFutures, type Cover, type Fates } from './futures'
import { gapsOf, type PlanGap } from './gaps'
import { lastStarts, type LastStart } from './lastStarts'
import { plannedHatches, type HatchLine } from './plannedHatches'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { planProgram } from './program'
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
/** Times that days are added which were passed over. */
const LOOKS = 3
const SHORT_FROM = 0.02
const SAME = 1e-6
/** A round of tightening must take at least a tenth of the doubt away. */
const WORTH = 0.9

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
  const full = built.problem
  // Backups hang on the room alone, not on what was planned before: the same room asks for the same ones.
  let problem = coarse({ ...full, begun: [] })
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
    let doubt = Infinity
    for (let round = 0; round < ROUNDS && timeLeft(); round++) {
      const cover = playFutures(problem, solution, fates, r.seed, FIRST_FUTURES)
      const now = cover.reduce((sum, c) => sum + Math.max(0, Math.min(1, c.planned) * r.certainty - c.probability), 0)
      const least = weakFoods(built, problem, solution, cover, r.certainty, problem.least)
      // Where more vessels no longer help, time is better kept.
      if (now > WORTH * doubt || JSON.stringify(least) === JSON.stringify(problem.least)) break
      doubt = now
      problem = { ...problem, least }
      keep(solve(problem))
    }
  }
  if (full.begun.length > 0 && !r.onlyPinned && timeLeft()) {
    // The kept plan stands while it is as good as any, by the gap that was asked for.
    const kept = solvePlan(decided(problem, joinStarts([...full.begun, ...full.pinned])), solver, limits)
    if (kept.status !== 'infeasible' && kept.objective <= solution.objective + Math.max(limits.gap, limits.gap * Math.abs(solution.objective)) + SAME) solution = { ...kept, gap: solution.gap }
    else {
      problem = { ...problem, begun: full.begun }
      keep(solve(problem))
    }
  }
  // Every day's meals with the starts that are decided; a day that was not looked at and goes short is looked at.
  const also = new Set<number>()
  for (let look = 0; ; look++) {
    const meals = solvePlan(decided({ ...full, least: problem.least }, solution.starts), solver, limits)
    const missed = r.onlyPinned || look >= LOOKS || !timeLeft() ? [] : lackingDays(full, meals, problem)
    if (missed.length === 0) {
      if (meals.status !== 'infeasible') solution = { ...meals, status: solution.status, objective: solution.objective, gap: solution.gap }
      break
    }
    for (const day of missed) also.add(day)
    problem = { ...problem, broodDays: coarse(full, also).broodDays }
    keep(solve(problem))
  }
  problem = full
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

/** Days that go short in the whole plan though something could be had, and were not looked at when it was made. */
function lackingDays(full: PlanProblem, meals: PlanSolution, looked: PlanProblem): number[] {
  const seen = new Set(looked.broodDays.map(b => b.day))
  const { lost } = planProgram(full)
  const hopeless = new Map(full.broodDays.map((b, i) => [`${b.brood}\n${b.day}`, lost[i]!]))
  return [...new Set(meals.shortages.filter(s => s.share - (hopeless.get(`${s.brood}\n${s.day}`) ?? 0) > SHORT_FROM && !seen.has(s.day)).map(s => s.day))]
}

/** One line for a day and a way. */
const joinStarts = (list: readonly StartOn[]): StartOn[] => {
  const found = new Map<string, StartOn>()
  for (const s of list) found.set(`${s.startable}\n${s.day}`, { ...s, vessels: Math.max(s.vessels, found.get(`${s.startable}\n${s.day}`)?.vessels ?? 0) })
  return [...found.values()]
}

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
