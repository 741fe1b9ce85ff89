import { expose } from 'comlink'
import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import { formulate, type Formula } from '@renatus/core/gel/formulate'
import type { Choice, Objective } from '@renatus/core/gel/formulaProgram'
import type { Targets } from '@renatus/core/gel/targets'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'

let solver: Promise<Solver> | null = null

/** Formulas off the page. */
const kitchen = {
  async formulate(
    choices: Choice[],
    targets: Targets,
    objective: Objective,
    candidates: Choice[],
  ): Promise<Formula> {
    solver ??= highsLoader({ locateFile: () => wasmUrl }).then(h =>
      highsSolver(h as unknown as HighsLike),
    )
    return formulate(choices, targets, objective, await solver, candidates)
  },
}

export type GelKitchen = typeof kitchen
expose(kitchen)
