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
/** First, with backups, tightened three times, and each of these once more where vessels are short; then against the kept plan. */
const MOST_SOLVES = 2 * (ROUNDS + 1) + 3
/** Times that days are added which were passed over. */
const LOOKS = 3
const SHORT_FROM = 0.02
const DOUBT_STANDS = 0.05
const LACKS_FROM = 0.01
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
  const solve = (p: PlanProblem, asked: SolveLimits = limits): PlanSolution => {
    solves++
    // The clock is one for all solves: a late one may not start the hour anew.
    const left = { ...asked, seconds: Math.max(1, asked.seconds - spent) }
    let seconds = 0
    const s = solvePlan(p, solver, left, progress && ((x) => {
      seconds = x.seconds
      const on = progress({ ...x, solve: solves, ofAtMost: MOST_SOLVES })
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
  /** Solves with backups; those that no vessel is free for are asked for no more, lest they drown what is weighed. */
  const solveBacked = (least: PlanProblem['least']) => {
    problem = { ...problem, least }
    keep(solve(problem))
    if (!solution.lacks.some(x => x > LACKS_FROM)) return
    problem = { ...problem, least: least.map((l, i) => ({ ...l, starts: Math.max(0, Math.floor(l.starts - (solution.lacks[i] ?? 0) + LACKS_FROM)) })) }
    if (timeLeft()) keep(solve(problem))
  }
  if (!r.onlyPinned && timeLeft()) {
    const least = backups(built.starts, solution, r.certainty, Math.max(1, r.state.places.length))
    if (least.length > 0) solveBacked(least)
    let doubt = Infinity
    for (let round = 0; round < ROUNDS && timeLeft(); round++) {
      const cover = playFutures(problem, solution, fates, r.seed, FIRST_FUTURES)
      const now = cover.reduce((sum, c) => sum + Math.max(0, Math.min(1, c.planned) * r.certainty - c.probability), 0)
      const least = weakFoods(built, problem, solution, cover, r.certainty, problem.least)
      // Where more vessels no longer help, time is better kept.
      if (now > WORTH * doubt || JSON.stringify(least) === JSON.stringify(problem.least)) break
      doubt = now
      solveBacked(least)
    }
  }
  // A day that was not looked at and goes short is looked at.
  const also = new Set<number>()
  const mealsOf = (starts: readonly StartOn[]) => solvePlan(decided({ ...full, least: [] }, starts), solver, limits)
  const judge = (m: PlanSolution): Quality => ({
    shortage: m.status === 'infeasible' ? Infinity : m.shortages.reduce((n, x) => n + x.share, 0), cost: m.objective,
    doubt: playFutures(full, m, fates, r.seed, FIRST_FUTURES).reduce((n, c) => n + Math.max(0, Math.min(1, c.planned) * r.certainty - c.probability), 0),
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
    if (asGood(judge(keptMeals), fresh)) solution = { ...keptMeals, objective: solution.objective, gap: solution.gap, status: solution.status }
    else {
      // What does not lack is left where it stands. A hundredth of a large objective is many moves: here a tenth of that.
      const touched = lackingFoods(full, keptMeals, meals, m => playFutures(full, m, fates, r.seed, FIRST_FUTURES))
      const stands = full.begun.filter(b => !touched.has(built.starts.find(x => x.id === b.startable)?.food ?? ''))
      const finer = { ...limits, gap: limits.gap / 10 }
      const near = solve({ ...problem, begun: full.begun, pinned: joinStarts([...stands, ...full.pinned]) }, finer)
      if (near.status !== 'infeasible' && asGood(judge(mealsOf(near.starts)), fresh)) solution = near
      else {
        problem = { ...problem, begun: full.begun }
        keep(solve(problem, finer))
      }
    }
    meals = mealsOf(solution.starts)
  }
  if (meals.status !== 'infeasible') solution = { ...meals, status: solution.status, objective: solution.objective, gap: solution.gap }
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

/** What matters of a plan to whoever works by it: days of food that lack, days of doubt, and what it costs in all. */
interface Quality { shortage: number, doubt: number, cost: number }
/** Brood-days that a plan may be worse by, and share of its cost, before it is worth while to move from it. */
const STAYS = { shortage: 0.1, doubt: 0.5, doubtShare: 0.15, cost: 2, costShare: 0.05 } as const

const asGood = (kept: Quality, other: Quality): boolean =>
  kept.shortage <= other.shortage + STAYS.shortage && kept.doubt <= other.doubt * (1 + STAYS.doubtShare) + STAYS.doubt && kept.cost <= other.cost + STAYS.cost + STAYS.costShare * Math.abs(other.cost)

/** Foods of the days on which a kept plan does worse than a new one: only they have to move. */
function lackingFoods(p: PlanProblem, kept: PlanSolution, fresh: PlanSolution, cover: (m: PlanSolution) => Cover[]): Set<string> {
  const key = (x: { brood: string, day: number }) => `${x.brood}\n${x.day}`
  const short = new Map(fresh.shortages.map(s => [key(s), s.share]))
  const sure = new Map(cover(fresh).map(c => [key(c), c.probability]))
  const bad = new Set([
    ...kept.shortages.filter(s => s.share > (short.get(key(s)) ?? 0) + SHORT_FROM).map(key),
    ...cover(kept).filter(c => c.probability < (sure.get(key(c)) ?? 0) - DOUBT_STANDS).map(key),
  ])
  return new Set(p.broodDays.filter(b => bad.has(key(b))).flatMap(b => b.foods.map(f => f.food)))
}

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
