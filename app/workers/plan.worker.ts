import { expose } from 'comlink'
import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import { readRoom } from '@renatus/core/estimation/readRoom'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import type { PlanProgress } from '@renatus/core/planning/plan/planSearch'
import { answerPlan, type PlanQuestion } from '@renatus/core/planning/plan/question'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import { roundState } from '@renatus/core/round/round'
import { RenatusDatabase } from '~/db/database'
import { lastLearned } from '~/db/learned'

/** Where the last reading stood: the next plan reads only what is new. */
const memories = new Map<string, ReplayMemory>()
let solver: Promise<Solver> | null = null

/** Plans off the page. To stop it the worker is ended: the solver does not look up while it works. */
const planner = {
  /** @param onProgress called while the solver works */
  async plan(
    database: string,
    now: string,
    question: PlanQuestion,
    onProgress: (p: PlanProgress) => void,
  ): Promise<CulturePlan | null> {
    const db = new RenatusDatabase(database)
    try {
      const [records, entries, learned] = await Promise.all([
        db.records.toArray(),
        db.entries.toArray(),
        lastLearned(db),
      ])
      const state = roundState(records, entries, now, learned ?? undefined)
      if (!state) return null
      solver ??= highsLoader({ locateFile: () => wasmUrl }).then(h =>
        highsSolver(h as unknown as HighsLike),
      )
      return answerPlan(state, readRoom(state, memories), question, await solver, undefined, p => {
        onProgress(p)
        return true
      })
    } finally {
      db.close()
    }
  },
}

export type Planner = typeof planner
expose(planner)
