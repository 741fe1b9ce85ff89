/** A mixed-integer solver, as the planner needs one. Passed in: core knows none. */
export interface Solver {
  solve(text: string, limits: SolveLimits, progress?: (p: SolveProgress) => boolean): Solved
}

/** Nodes first, so that the same input gives the same plan; time is the last resort. */
export interface SolveLimits {
  nodes: number
  seconds: number
  gap: number
  /** As near as this to the best is the best, in units of the objective; a hundredth where nothing is said. */
  near?: number
}
/** How far a solve has come; gap is (best - bound) / max(1, |best|), Infinity while nothing was found. */
export interface SolveProgress {
  seconds: number
  gap: number
}
export interface Solved {
  status: 'optimal' | 'limit' | 'time-limit' | 'stopped' | 'infeasible' | 'error'
  objective: number
  /** Time the solver says it took, s. */
  seconds: number
  /** Proven: no plan is cheaper. */
  bound: number
  /** Values by name of the variable; empty when there is no solution. */
  values: ReadonlyMap<string, number>
}

/** The parts of the HiGHS runtime that are used. */
export interface HighsLike {
  constants: {
    modelStatus: Record<
      | 'optimal'
      | 'infeasible'
      | 'unboundedOrInfeasible'
      | 'timeLimit'
      | 'interrupted'
      | 'solutionLimit'
      | 'iterationLimit'
      | 'empty',
      number
    >
    callbackType: { mipInterrupt: number }
  }
  withModel<R>(source: { format: 'lp'; data: string }, use: (model: HighsModelLike) => R): R
}
export interface HighsModelLike {
  options: { set(values: Record<string, string | number | boolean>): unknown }
  info: { get(name: string): number | bigint }
  run(callbacks?: never): { modelStatus: number }
  getSolution(): { colValue: ArrayLike<number> }
  getObjectiveValue(): number
  getDimensions(): { numCols: number }
  getColName(index: number): string
}

const NO_SOLUTION = {
  objective: Infinity,
  seconds: 0,
  bound: -Infinity,
  values: new Map<string, number>(),
}
/** Objectives below 1 are measured against 1. */
const ABSOLUTE_GAP = 0.01
/** Share of the work that goes into guessing: the bound of these programmes is what takes time. */
const HEURISTICS = 0.02
/** primal_solution_status of a point that keeps every constraint. */
const FEASIBLE_POINT = 2

/** Ends before the best is proven. */
const endings = ({ modelStatus }: HighsLike['constants']) =>
  [
    ['time-limit', modelStatus.timeLimit],
    ['stopped', modelStatus.interrupted],
  ] as const

/** Options of HiGHS for a solve. */
export const highsOptions = (limits: SolveLimits): Record<string, number | boolean> => ({
  output_flag: false,
  random_seed: 1,
  mip_heuristic_effort: HEURISTICS,
  mip_lp_age_limit: 3,
  mip_rel_gap: limits.gap,
  mip_abs_gap: limits.near || Math.min(limits.gap, ABSOLUTE_GAP),
  mip_max_nodes: limits.nodes,
  time_limit: limits.seconds,
})

/** HiGHS as the solver of the planner. */
export const highsSolver = (highs: HighsLike): Solver => ({
  solve: (text, limits, progress) =>
    highs.withModel({ format: 'lp', data: text }, (model): Solved => {
      const { modelStatus, callbackType } = highs.constants
      model.options.set(highsOptions(limits))
      let seconds = 0
      const watch = {
        [callbackType.mipInterrupt]: (event: {
          data: { running_time?: number; mip_gap?: number }
          interrupt(): void
        }) => {
          seconds = event.data.running_time ?? seconds
          if (progress && !progress({ seconds, gap: event.data.mip_gap ?? Infinity }))
            event.interrupt()
        },
      }
      const { modelStatus: ended } = model.run(watch as never)
      if (ended === modelStatus.infeasible || ended === modelStatus.unboundedOrInfeasible)
        return { status: 'infeasible', ...NO_SOLUTION, seconds }
      const cutShort = endings(highs.constants).find(([, code]) => code === ended)?.[0]
      if (Number(model.info.get('primal_solution_status')) !== FEASIBLE_POINT)
        return {
          status: cutShort ?? 'error',
          ...NO_SOLUTION,
          seconds,
        }
      const { colValue } = model.getSolution()
      const values = new Map(
        Array.from({ length: model.getDimensions().numCols }, (_, i) => [
          model.getColName(i),
          colValue[i]!,
        ]),
      )
      const objective = model.getObjectiveValue()
      const dual = Number(model.info.get('mip_dual_bound'))
      // Without whole numbers the solver names no bound: what it found is the best. An optimum lies within the gaps that were asked for.
      const slack = Math.max(ABSOLUTE_GAP, limits.gap * Math.abs(objective))
      const optimal = ended === modelStatus.optimal
      const named = optimal ? Math.max(dual, objective - slack) : dual
      const bound = Number.isFinite(dual) ? named : objective
      const status = optimal ? 'optimal' : (cutShort ?? 'limit')
      return { status, objective, seconds, bound, values }
    }),
})
