import { expose } from 'comlink'
import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import { readCulture, type CultureReading } from '@renatus/core/estimation/readCulture'
import { speaksOf } from '@renatus/core/estimation/readRoom'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import type { CulturePlan, PlanProgress } from '@renatus/core/planning/plan/planRoom'
import { answerPlan, type PlanQuestion } from '@renatus/core/planning/plan/question'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/planning/plan/solver'
import { running } from '@renatus/core/stock/cultures'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { RenatusDatabase } from '~/db/database'
import { lastLearned } from '~/db/learned'

const memories = new Map<string, ReplayMemory>()
let solver: Promise<Solver> | null = null

/** Everything that grows, with the days to come. Remembers where it stood: the next plan reads only what is new. */
function readAhead(state: RoomState): Map<string, CultureReading> {
  return new Map(running(state.cultureStates).flatMap((c) => {
    const found = readCulture(c.record, state.entries.filter(e => speaksOf(e, c.id)), state.learned, state.now, memories.get(c.id), { places: state.places, ahead: true })
    if (!found) return []
    memories.set(c.id, found.memory)
    return [[c.id, found.reading] as const]
  }))
}

/** Plans off the page. To stop it the worker is ended: the solver does not look up while it works. */
const planner = {
  /** @param onProgress called while the solver works */
  async plan(database: string, now: string, question: PlanQuestion, onProgress: (p: PlanProgress) => void): Promise<CulturePlan | null> {
    const db = new RenatusDatabase(database)
    try {
      const [records, entries, learned] = await Promise.all([db.records.toArray(), db.entries.toArray(), lastLearned(db)])
      const state = roomState(records, entries, now, learned ?? undefined)
      if (!state) return null
      solver ??= highsLoader({ locateFile: () => wasmUrl }).then(h => highsSolver(h as unknown as HighsLike))
      return answerPlan(state, readAhead(state), question, await solver, undefined, (p) => {
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
