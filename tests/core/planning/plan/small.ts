import highsLoader from 'highs'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest, type PlanRequest } from '@renatus/core/planning/plan/request'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord, CultureRecord } from '@renatus/core/records/records'
import { roomState } from '@renatus/core/stock/roomState'
import { records } from '../../room'

export const NOW = '2026-03-10T05:00:00.000Z'
export const EXACT = { nodes: 50_000, seconds: 20, gap: 0 }

let loading: Promise<Solver> | null = null
/** One solver for all tests of a run. */
export const theSolver = (): Promise<Solver> =>
  (loading ??= highsLoader().then(h => highsSolver(h as unknown as HighsLike)))

export interface Small {
  species?: string
  freeOn?: string
  cultures?: CultureRecord[]
  foods?: string[]
  fry?: number
  grams?: number
  vessels?: number
  entries?: Entry[]
  more?: AnyRecord[]
  now?: string
}

/** A room whose fry swim free on a day and can take small food first. */
export function smallRoom(o: Small = {}, more: Partial<PlanRequest> = {}): PlanRequest {
  const state = roomState(
    [
      ...records({
        species: o.species ?? 'pygmy-sunfish',
        freeSwimmingOn: o.freeOn ?? '2026-04-01',
        foods: o.foods ?? ['infusoria', 'microworm', 'brine-shrimp'],
        fry: o.fry ?? 60,
        grams: o.grams,
        vessels: o.vessels,
      }),
      ...(o.cultures ?? []),
      ...(o.more ?? []),
    ],
    o.entries ?? [],
    o.now ?? NOW,
  )!
  return planRequest({ state, readings: readRoom(state), days: 40, ...more })
}
export const planOf = (solver: Solver, o: Small = {}, more: Partial<PlanRequest> = {}) =>
  planRoom(smallRoom(o, more), solver, EXACT)
