import { planProgram, programText } from './program'
import type { PlanProblem, PlanSolution } from './problem'
import type { Solved, SolveLimits, SolveProgress, Solver } from './solver'

/** Within a percent of the best there is; so many nodes before the clock is asked. */
export const PLAN_LIMITS: SolveLimits = { nodes: 20_000, seconds: 60, gap: 0.01 }

/** Less than this share of a meal is nobody's meal. */
const LEAST_SHARE = 1e-6

const STATUS: Record<Solved['status'], PlanSolution['status']> = { 'optimal': 'optimal', 'limit': 'feasible', 'stopped': 'feasible', 'time-limit': 'time-limit', 'infeasible': 'infeasible', 'error': 'infeasible' }

/** Solves a plan. What cannot be met is a shortage, so a plan is found unless vessels and pins contradict each other. */
export function solvePlan(problem: PlanProblem, solver: Solver, limits: SolveLimits = PLAN_LIMITS, progress?: (p: SolveProgress) => boolean): PlanSolution {
  const program = planProgram(problem)
  // Nothing to decide is a plan.
  if (program.variables.length === 0) return { status: 'optimal', objective: 0, gap: 0, starts: [], meals: [], shortages: [] }
  const found = solver.solve(programText(program), limits, progress)
  const solution: PlanSolution = { status: STATUS[found.status], objective: found.objective, gap: found.gap, starts: [], meals: [], shortages: [] }
  if (found.values.size === 0) return solution
  for (const v of program.variables) {
    const value = found.values.get(v.name) ?? 0
    const { means } = v
    if (means.kind === 'start' && Math.round(value) > 0) solution.starts.push({ startable: problem.startable[means.startable]!.id, day: means.day, vessels: Math.round(value) })
    if (means.kind === 'meal' && value > LEAST_SHARE) solution.meals.push({ ...of(problem, means.broodDay), food: means.food, share: value })
    if (means.kind === 'short' && value > LEAST_SHARE) solution.shortages.push({ ...of(problem, means.broodDay), share: value })
  }
  return solution
}

const of = (p: PlanProblem, i: number) => ({ brood: p.broodDays[i]!.brood, day: p.broodDays[i]!.day })
