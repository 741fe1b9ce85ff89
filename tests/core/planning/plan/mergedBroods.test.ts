import { beforeAll, expect, it } from 'vitest'
import { asKept } from '@renatus/core/planning/plan/keptPlan'
import { planDifference } from '@renatus/core/planning/plan/planDifference'
import { factChanges, planFacts } from '@renatus/core/planning/plan/planFacts'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { startsLeft, startStates } from '@renatus/core/planning/plan/keptPlan'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import type { Solver } from '@renatus/core/math/solver'
import { buildRound, roundState } from '@renatus/core/round/round'
import { beginnersRoom } from '../../../../tools/rooms/beginnersRoom'
import { log } from '../../room'
import { EXACT, theSolver } from './small'

const NOW = '2026-03-10T05:30:00.000Z'
const NEXT = '2026-03-11T05:30:00.000Z'
let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})
const question = {
  ...{ seed: 1, days: 42, certainty: 0.9, pins: [], onlyPinned: false },
  whatIf: NOTHING_ELSE,
}

it('two broods that are put together are one more and one less: the plan says so, and lets go of what was pinned for the other', () => {
  // One of each kind of brood, the later of two foods apart.
  const records = beginnersRoom(8, NOW)
  const first = roundState(records, [], NOW)!
  const plan = answerPlan(first, new Map(), question, solver, EXACT)
  const taken = new Set<string>()
  const starts = plan.starts.map(s => {
    const kept = asKept(s, taken)
    taken.add(kept.id)
    return kept
  })
  expect(starts.length).toBeGreaterThan(0)
  const [goes, stays] = first.broods
  // What was pinned was pinned for the brood that goes.
  const pins = starts
    .filter(s => s.forBrood === goes!.id)
    .map(({ food, method, on, vessels }) => ({ food, method, on, vessels }))
  const facts = planFacts(first, new Map())
  const kept = { from: first.today, days: 42, certainty: 0.9, starts, pins, refused: [], facts }
  const both = Math.round(goes!.fryNow + stays!.fryNow)
  const entries = [
    log(NOW, 'plan.kept', kept),
    log('2026-03-10T08:00:00.000Z', 'brood.counted', {
      broodId: stays!.id,
      fry: both,
      on: '2026-03-10',
    }),
    log('2026-03-10T08:01:00.000Z', 'brood.ended', {
      broodId: goes!.id,
      on: '2026-03-10',
      reason: 'put together',
    }),
  ]
  const state = roundState(records, entries, NEXT)!
  expect(state.broods.map(b => b.id)).not.toContain(goes!.id)
  const next = answerPlan(state, new Map(), question, solver, EXACT)
  expect(next.status).not.toBe('infeasible')
  expect(next.cover.every(c => c.brood !== goes!.id)).toBe(true)
  const changes = factChanges(facts, planFacts(state, new Map()))
  expect(changes).toContainEqual({ kind: 'brood-gone', brood: goes!.id, name: goes!.name })
  expect(changes.find(c => c.kind === 'fry')).toMatchObject({ brood: stays!.id, is: both })
  const left = startsLeft(startStates(state.entries, state.cultureStates), state.today)
  for (const c of planDifference(left, next.starts, changes))
    expect(c.because.map(x => x.kind)).toSatisfy(
      (kinds: string[]) => kinds.includes('brood-gone') || kinds.includes('fry'),
    )
  const { stops } = buildRound(state, new Map())
  expect(stops.every(s => s.subject.id !== goes!.id)).toBe(true)
})
