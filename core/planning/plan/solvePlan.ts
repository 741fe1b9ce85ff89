import { programText } from '../../math/linearProgram'
import { planProgram } from './program'
import type { PlanProblem, PlanSolution } from './problem'
import type { Solved, SolveLimits, SolveProgress, Solver } from '../../math/solver'

/** Within a percent of the best there is; so many nodes before the clock is asked. */
export const PLAN_LIMITS: SolveLimits = { nodes: 20_000, seconds: 60, gap: 0.01 }

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
      lacks: problem.least.map(l => l.starts),
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
    lacks: problem.least.map(() => 0),
    // Against the whole of the objective, or 1 where that is less: (best - bound) / max(1, |best|).
    gap:
      found.values.size > 0
        ? Math.max(0, found.objective - found.bound) / Math.max(1, Math.abs(objective))
        : Infinity,
  }
  if (found.values.size === 0) return solution
  const short = new Map(shortages.map(s => [`${s.brood}\n${s.day}`, s]))
  const meals = new Map<string, PlanSolution['meals'][number]>()
  for (const v of program.variables) {
    const value = found.values.get(v.name) ?? 0
    const { means } = v
    if (means.kind === 'start' && Math.round(value) > 0)
      solution.starts.push({
        startable: problem.startable[means.startable]!.id,
        day: means.day,
        vessels: Math.round(value),
      })
    if (value <= LEAST_SHARE) continue
    if (means.kind === 'meal') {
      const at = of(problem, means.broodDay)
      const key = `${means.broodDay}\n${means.food}`
      meals.set(key, { ...at, food: means.food, share: (meals.get(key)?.share ?? 0) + value })
    }
    if (means.kind === 'lack') solution.lacks[means.least] = value
    if (means.kind === 'short') {
      const at = of(problem, means.broodDay)
      const key = `${at.brood}\n${at.day}`
      short.set(key, { ...at, share: (short.get(key)?.share ?? 0) + value })
    }
  }
  solution.meals = [...meals.values()]
  solution.shortages = [...short.values()]
  return solution
}

const of = (p: PlanProblem, i: number) => ({
  brood: p.broodDays[i]!.brood,
  day: p.broodDays[i]!.day,
})
