import { expose } from 'comlink'
import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import type { PlanProgress } from '@renatus/core/planning/plan/planSearch'
import { answerPlan, type PlanQuestion } from '@renatus/core/planning/plan/question'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import { roundState } from '@renatus/core/round/round'
import { RenatusDatabase } from '~/db/database'
import { lastLearned } from '~/db/learned'
import { WorkingRoom } from '~/db/workingRoom'

let solver: Promise<Solver> | null = null

/** Plans off the page. To stop it the worker is ended: the solver does not look up while it works. */
const planner = {
  /**
   * @param readings of what grows, as the page had them read
   * @param onProgress called while the solver works
   */
  async plan(
    database: string,
    now: string,
    readings: readonly CultureReading[],
    question: PlanQuestion,
    onProgress: (p: PlanProgress) => void,
  ): Promise<CulturePlan | null> {
    const db = new RenatusDatabase(database)
    try {
      const [{ records, entries, settled }, learned] = await Promise.all([
        new WorkingRoom(db).read(),
        lastLearned(db),
      ])
      const state = roundState(records, entries, now, learned ?? undefined, settled)
      if (!state) return null
      solver ??= highsLoader({ locateFile: () => wasmUrl }).then(h =>
        highsSolver(h as unknown as HighsLike),
      )
      const read = new Map(readings.map(r => [r.id, r]))
      return answerPlan(state, read, question, await solver, undefined, p => {
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
