import type { SolveLimits, SolveProgress, Solver } from '../../math/solver'
import type { BuiltProblem } from './buildProblem'
import { coarse, decided, lackingDays } from './coarse'
import { fatesOf } from './fates'
import { playFutures, type Cover } from './futures'
import { asGood, joinStarts, sameStarts, waysBack, type Quality } from './keptOrNew'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import type { PlanRequest } from './request'
import { solvePlan } from './solvePlan'
import { running } from '../../stock/cultures'
import { sparesFor } from './spares'
import { saferDay, surerBy } from './surer'

/** What a plan is doing, for whoever waits: which of at most so many solves, and how near it is. */
export interface PlanProgress extends SolveProgress {
  solve: number
  ofAtMost: number
}

/** Most vessels that are added to what the programme started, so that days are surer. */
const MOST_MORE = 12
const FIRST_FUTURES = 300
/** Doubt in brood-days that a start moved to its safe day must take away. */
const WORTH_MOVING = 0.02
/** Times that days are added which were passed over. */
const LOOKS = 3
/** First, and looked at again. */
const MOST_SOLVES = 1 + LOOKS
/** Brood-days that go without, which is no matter below a hundredth. */
const shortOf = (m: PlanSolution) =>
  m.status === 'infeasible' ? Infinity : m.shortages.reduce((n, x) => n + x.share, 0)
const LACKS_FROM = 0.01
/** One vessel more, on its line where there is one. */
const added = (starts: readonly StartOn[], more: StartOn): StartOn[] => {
  const same = (s: StartOn) => s.startable === more.startable && s.day === more.day
  if (!starts.some(same)) return [...starts, more]
  return starts.map(s => (same(s) ? { ...s, vessels: s.vessels + more.vessels } : s))
}

/**
 * Search for the starts of a plan: solves a coarse programme, adds vessels while the certainty of mouths asks for them,
 * looks at days that were passed over, and holds to the kept plan where that is as good.
 */
export class PlanSearch {
  /** What was solved last. */
  private problem: PlanProblem
  private solution: PlanSolution
  private solves = 0
  private stopped = false
  private spent = 0
  readonly fates: ReturnType<typeof fatesOf>

  constructor(
    private readonly r: PlanRequest,
    private readonly built: BuiltProblem,
    days: number,
    private readonly solver: Solver,
    private readonly limits: SolveLimits,
    private readonly progress?: (p: PlanProgress) => boolean,
  ) {
    this.fates = fatesOf(r, built, days)
    // The kept plan is not asked: the same room asks for the same starts and backups, whatever was planned before.
    this.problem = coarse(built.problem)
    this.solution = this.solve(this.problem)
  }

  /** Pins and vessels contradict each other: there is no plan. */
  get clashes(): boolean {
    const { status, meals, starts, shortages } = this.solution
    return status === 'infeasible' && meals.length + starts.length + shortages.length === 0
  }

  /** The starts of the best plan, and the meals that they allow on every day. */
  run(): PlanSolution {
    const full = this.built.problem
    const free = !this.r.onlyPinned
    if (free) this.lookAtPassed()
    if (free && this.timeLeft()) this.makeSure()
    let meals = this.mealsOf(this.solution.starts)
    const isKept = this.r.isKept || full.begun.length > 0
    if (isKept && free && this.timeLeft()) meals = this.againstKept(meals)
    if (meals.status === 'infeasible') return this.solution
    const { status, objective, gap } = this.solution
    return { ...meals, status, objective, gap }
  }

  private solve(p: PlanProblem, asked: SolveLimits = this.limits): PlanSolution {
    this.solves++
    // The clock is one for all solves: a late one may not start the hour anew.
    const left = { ...asked, seconds: Math.max(1, asked.seconds - this.spent) }
    const s = solvePlan(p, this.solver, left, this.progress && (x => this.goesOn(x)))
    this.spent += s.seconds ?? 0
    return s
  }
  private goesOn(x: SolveProgress): boolean {
    const on = this.progress!({ ...x, solve: this.solves, ofAtMost: MOST_SOLVES })
    this.stopped ||= !on
    return on
  }
  private timeLeft(): boolean {
    return !this.stopped && this.solution.status !== 'time-limit'
  }
  private keep(next: PlanSolution): void {
    if (next.status !== 'infeasible') this.solution = next
  }
  private mealsOf(starts: readonly StartOn[]): PlanSolution {
    return solvePlan(decided(this.built.problem, starts), this.solver, this.limits)
  }
  /** How far the futures stay behind the certainty that is asked for, summed over days. */
  private doubt(cover: readonly Cover[]): number {
    const { certainty } = this.r
    return cover.reduce(
      (sum, c) => sum + Math.max(0, Math.min(1, c.planned) * certainty - c.probability),
      0,
    )
  }
  private futures(p: PlanProblem, s: PlanSolution): Cover[] {
    return playFutures(p, s, this.fates, this.r.seed, FIRST_FUTURES)
  }
  private judge(m: PlanSolution): Quality {
    return {
      shortage: shortOf(m),
      cost: m.objective,
      doubt: this.doubt(this.futures(this.built.problem, m)),
    }
  }

  /**
   * A vessel to spare of each line that hangs on one; then vessels more, one after the other,
   * while futures leave a day too doubtful and one of them helps.
   */
  private makeSure(): void {
    const { r, built } = this
    const standing = new Map<string, number>()
    for (const c of running(r.state.cultureStates))
      standing.set(c.record.foodId, (standing.get(c.record.foodId) ?? 0) + 1)
    for (const spare of sparesFor(built, this.solution, standing)) this.add(spare)
    const played = (starts: readonly StartOn[]) =>
      this.futures(this.problem, { ...this.solution, starts: [...starts] })
    for (const start of this.solution.starts) this.startSafely(start, played)
    for (let n = 0; n < MOST_MORE && this.timeLeft(); n++) {
      const more = surerBy(built, this.solution.starts, r.certainty, played)
      if (more === null) return
      this.add(more)
    }
  }
  /** Moves a start to its last safe day where that takes doubt away. */
  private startSafely(start: StartOn, played: (starts: readonly StartOn[]) => Cover[]): void {
    const { starts } = this.solution
    const safer = saferDay(this.built, this.solution, start)
    if (safer === null || !this.timeLeft()) return
    const moved = added(
      starts.filter(s => s !== start),
      safer,
    )
    if (this.doubt(played(moved)) > this.doubt(played(starts)) - WORTH_MOVING) return
    // What is over earlier lacks later: on every day, not on those alone that were weighed.
    if (shortOf(this.mealsOf(moved)) <= shortOf(this.mealsOf(starts)) + LACKS_FROM)
      this.solution = { ...this.solution, starts: moved }
  }
  private add(more: StartOn): void {
    this.solution = { ...this.solution, starts: added(this.solution.starts, more) }
  }

  /** A day that was not looked at and goes short is looked at. */
  private lookAtPassed(): void {
    const full = this.built.problem
    const also = new Set<number>()
    for (let look = 0; look < LOOKS && this.timeLeft(); look++) {
      const missed = lackingDays(full, this.mealsOf(this.solution.starts), this.problem)
      if (missed.length === 0) return
      for (const day of missed) also.add(day)
      this.problem = { ...this.problem, broodDays: coarse(full, also).broodDays }
      this.keep(this.solve(this.problem))
    }
  }

  /** What is begun for mouths; what cultures drink is looked after by itself (web.ts), outside the programme. */
  private begunForMouths(): StartOn[] {
    const { begun, broodDays } = this.built.problem
    const eaten = new Set(broodDays.flatMap(b => b.foods.map(f => f.food)))
    return begun.filter(b => eaten.has(this.foodOf(b)))
  }
  private foodOf(s: StartOn): string {
    return this.built.starts.find(x => x.id === s.startable)?.food ?? ''
  }

  /** The plan that is begun is kept where it is as good; else each of its lines that is as good as a new one. */
  private againstKept(meals: PlanSolution): PlanSolution {
    const fresh = this.judge(meals)
    const begun = joinStarts([...this.begunForMouths(), ...this.built.problem.pinned])
    let stands = meals
    const goesBack = (starts: readonly StartOn[]): boolean => {
      const as = this.mealsOf(starts)
      if (!asGood(this.judge(as), fresh)) return false
      stands = as
      this.solution = { ...this.solution, starts: [...starts] }
      return true
    }
    if (goesBack(begun)) return stands
    for (const back of waysBack(begun, this.solution.starts, s => this.foodOf(s))) {
      if (!this.timeLeft()) break
      const starts = back(this.solution.starts)
      if (!sameStarts(starts, this.solution.starts)) goesBack(starts)
    }
    return stands
  }
}
