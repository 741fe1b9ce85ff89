import { programText } from '../../math/linearProgram'
import { planProgram } from './program'
import type { Means } from './writing'
import type { PlanProblem, PlanSolution } from './problem'
import type { Solved, SolveLimits, SolveProgress, Solver } from '../../math/solver'

/**
 * Within a percent of the best there is, or within five units of it (a few hours of hands over the whole plan): what lies nearer is chance.
 * So many nodes before the clock is asked.
 */
export const PLAN_LIMITS: SolveLimits = {
  nodes: 20_000,
  seconds: 60,
  gap: 0.01,
  near: 5,
}

/** Less than this share of a meal is nobody's meal. */
const LEAST_SHARE = 1e-6

const STATUS: Record<Solved['status'], PlanSolution['status']> = {
  'optimal': 'optimal',
  'limit': 'feasible',
  'stopped': 'feasible',
  'time-limit': 'time-limit',
  'infeasible': 'infeasible',
  'error': 'infeasible',
}

/** Solves a plan. What cannot be met is a shortage, so a plan is found unless vessels and pins contradict each other. */
export function solvePlan(
  problem: PlanProblem,
  solver: Solver,
  limits: SolveLimits = PLAN_LIMITS,
  progress?: (p: SolveProgress) => boolean,
): PlanSolution {
  const program = planProgram(problem)
  const { offset } = program
  const shortages = problem.broodDays.flatMap((b, i) =>
    program.lost[i]! > LEAST_SHARE ? [{ brood: b.brood, day: b.day, share: program.lost[i]! }] : [],
  )
  // Nothing to decide is a plan.
  if (program.variables.length === 0)
    return {
      status: 'optimal',
      objective: offset,
      gap: 0,
      starts: [],
      meals: [],
      shortages,
    }
  const found = solver.solve(programText(program), limits, progress)
  const objective = found.objective + offset
  const solution: PlanSolution = {
    status: STATUS[found.status],
    objective,
    seconds: found.seconds,
    starts: [],
    meals: [],
    shortages: [],
    // Against the whole of the objective, or 1 where that is less: (best - bound) / max(1, |best|).
    gap:
      found.values.size > 0
        ? Math.max(0, found.objective - found.bound) / Math.max(1, Math.abs(objective))
        : Infinity,
  }
  if (found.values.size === 0) return solution
  const short = new Map(shortages.map(s => [`${s.brood}\n${s.day}`, s]))
  const meals = new Map<string, PlanSolution['meals'][number]>()
  const tell: { [K in Means['kind']]: (m: Extract<Means, { kind: K }>, value: number) => void } = {
    start: (m, value) => {
      const startable = problem.startable[m.startable]!.id
      const vessels = Math.round(value)
      if (vessels > 0) solution.starts.push({ startable, day: m.day, vessels })
    },
    meal: (m, value) => {
      const key = `${m.broodDay}\n${m.food}`
      const share = (meals.get(key)?.share ?? 0) + value
      meals.set(key, { ...of(problem, m.broodDay), food: m.food, share })
    },
    short: (m, value) => {
      const at = of(problem, m.broodDay)
      const key = `${at.brood}\n${at.day}`
      short.set(key, { ...at, share: (short.get(key)?.share ?? 0) + value })
    },
    line: () => {},
    aid: () => {},
  }
  for (const v of program.variables) {
    const value = found.values.get(v.name) ?? 0
    if (value > LEAST_SHARE) (tell[v.means.kind] as (m: Means, x: number) => void)(v.means, value)
  }
  solution.meals = [...meals.values()]
  solution.shortages = [...short.values()]
  return solution
}

const of = (p: PlanProblem, i: number) => ({
  brood: p.broodDays[i]!.brood,
  day: p.broodDays[i]!.day,
})
