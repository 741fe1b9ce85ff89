import { buyingOf } from '../../foods/buying'
import { compare } from '../../math/compare'
import { addDays, type LocalDate } from '../../time/localDate'
import { withBench } from './assumedBench'
import { buildProblem, type BuiltProblem } from './buildProblem'
import { feedingStart, plannedStart, type PlannedStart } from './explainStart'
import { bandsOf } from './fates'
import { playFutures, type Cover } from './futures'
import { bridgedOf } from './bridged'
import { doubtsOf, gapsOf, type PlanGap } from './gaps'
import type { Labour } from './labour'
import { lastStarts, type LastStart } from './lastStarts'
import { planGets, type PlanGet } from './planGets'
import { plannedHatches, type HatchLine } from './plannedHatches'
import { PlanSearch, type PlanProgress } from './planSearch'
import type { PlanSolution, StartOn } from './problem'
import { HORIZON, type PlanRequest } from './request'
import { PLAN_LIMITS } from './solvePlan'
import type { SolveLimits, Solver } from '../../math/solver'
import { startersFrom } from './starterFrom'
import { startWorths } from './startWorth'
import type { RoomStart } from './startables'
import { supplyCurves, type FoodCurve } from './supplyCurves'
import { minutesUsed } from './standing'
import { planWeb, type CultureFeed } from './web'
import { takesOf, type Take } from './takes'

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
  /** Stretches that are planned whole and yet far from sure, with what would bridge them. */
  doubts: PlanGap[]
  /** Stretches on which a brood would live on what only bridges, with the living foods that would feed it. */
  bridged: PlanGap[]
  curves: FoodCurve[]
  /** By food: organisms a day of one new vessel, by days since its start; for moving starts about by eye. */
  profiles: Record<string, number[]>
  /** Minutes that each day takes, and those that its rounds have. */
  labourDays: { day: LocalDate; minutes: number; budget: number }[]
  /** What cultures drink of cultures. */
  feeds: CultureFeed[]
  /** What it counts on and the room has not: to be got first. */
  gets: PlanGet[]
  /** Foods that the room does not keep yet and that the plan reckons with. */
  takesUp: string[]
  /** Minutes of the rounds, and what is taken of them before anything is started. */
  labour: Labour
  /** Pins that no vessel is free for, in words; the plan is then infeasible. */
  clash: string | null
}

/**
 * Plans a room: starts of cultures by a mixed-integer programme, made surer one vessel at a time where simulated futures
 * leave a day too doubtful; then whole hatches at whole rounds, and what is short with ways to close it.
 * @param progress called now and then; false stops and yields the best plan so far
 */
export function planRoom(
  asked: PlanRequest,
  solver: Solver,
  limits: SolveLimits = PLAN_LIMITS,
  progress?: (p: PlanProgress) => boolean,
): CulturePlan {
  const days = Math.max(1, Math.min(HORIZON.most, Math.round(asked.days)))
  const bench = withBench(asked.state)
  const r = { ...asked, state: bench.state }
  const built = buildProblem(r, days, bench.fromDay)
  const search = new PlanSearch(r, built, days, solver, limits, progress)
  if (search.clashes) return clashing(r, built, days)
  const solution = search.run()
  const { problem } = built
  const on = (day: number) => addDays(r.from, day)
  const cover = playFutures(problem, solution, search.fates, r.seed)
  const worths = startWorths(problem, solution, search.fates, r.seed)
  const web = planWeb(r, built, solution)
  const all = [...solution.starts, ...web.starts]
  const startOf = withStarters(asked, built, all)
  const starts = [
    ...solution.starts.map((s, i) => plannedStart(r, startOf(s), s, solution, problem, worths[i]!)),
    ...web.starts.map(s => feedingStart(r, startOf(s), s, web.feeds, solution, problem)),
  ]
  return {
    status: solution.status,
    objective: solution.objective,
    gap: solution.gap,
    from: r.from,
    days,
    certainty: r.certainty,
    clash: null,
    takesUp: [],
    gets: planGets(asked, problem, solution, bench.fromDay),
    feeds: web.feeds,
    labourDays: labourDays(r.from, built, all),
    labour: built.labour,
    starts: starts.sort((a, b) => compare(a.on, b.on) || compare(a.food, b.food)),
    hatches: plannedHatches(r, problem, solution).lines,
    takes: takesOf(problem, solution, r.from),
    cover: cover.map(c => ({ ...c, day: on(c.day) })),
    lastStarts: lastStarts(built.problem, built.starts, r.from),
    gaps: gapsOf(r, problem, solution, built.starts),
    doubts: doubtsOf(r, problem, cover, built.starts),
    bridged: bridgedOf(r, problem, solution, built.starts),
    curves: supplyCurves(problem, { ...solution, starts: all }, built.starts, bandsOf(r, days)),
    profiles: profilesOf(built),
  }
}

/** The starts of a solution, each as it is begun: a starter is bought only for a line that neither stands nor runs before it. */
function withStarters(
  r: PlanRequest,
  built: BuiltProblem,
  made: readonly StartOn[],
): (s: StartOn) => RoomStart {
  const as = (s: StartOn) => built.starts.find(x => x.id === s.startable)!
  const uses = made.map(s => {
    const { food, method, reliability } = as(s)
    return { food, method: method.id, on: addDays(r.from, s.day), ...reliability }
  })
  const from = startersFrom(uses, r.state, r.readings)
  return s => {
    const start = as(s)
    const bought = from.get(uses[made.indexOf(s)]!) === 'post'
    return { ...start, bought, leadDays: bought ? buyingOf(start.foodOf).leadDays : 0 }
  }
}

/** Minutes of each day with everything that is started on it or stands. */
function labourDays(
  from: LocalDate,
  { problem, there, open }: BuiltProblem,
  starts: readonly StartOn[],
): CulturePlan['labourDays'] {
  const used = minutesUsed(problem, starts)
  return there.map((budget, d) => ({
    day: addDays(from, d),
    minutes: budget - open[d]! + used[d]!,
    budget,
  }))
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
    doubts: [],
    bridged: [],
    curves: [],
    profiles: {},
    takesUp: [],
    gets: [],
    feeds: [],
    labourDays: [],
    labour: built.labour,
    clash: over
      ? `Pins ask for more vessels for ${over.foodOf.profile.name.toLowerCase()} at one time than are free: ${over.vesselClass.free}. Unpin one, or add a vessel.`
      : 'Pins ask for more vessels at one time than are free. Unpin one, or add a vessel.',
  }
}
