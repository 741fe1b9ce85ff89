import { readRoom } from '@renatus/core/estimation/readRoom'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import type { SolveLimits, Solver } from '@renatus/core/math/solver'
import { asKept, keptPlan, startsLeft, startStates } from '@renatus/core/planning/plan/keptPlan'
import { planDifference, type PlanChange } from '@renatus/core/planning/plan/planDifference'
import { factChanges, planFacts } from '@renatus/core/planning/plan/planFacts'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import { entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { addHours, toMs, type Instant } from '@renatus/core/time/localDate'
import { buildRound, roundState } from '@renatus/core/round/round'
import { answered, type KnownRoom } from './knownRoom'

const HORIZON_DAYS = 56
const CERTAINTY = 0.95
const ROUNDS_H = [0, 12.5]

/** A morning of a planned room: what was kept so far, and what the plan of the day would do otherwise. */
interface Morning {
  day: number
  kept: CulturePlan['starts']
  changes: PlanChange[]
}

type Memories = Map<string, ReplayMemory>

/** The round of a room by what is believed of its cultures: plans go by the same. */
function believedRound(room: KnownRoom, at: Instant, memories: Memories) {
  const state = roundState(room.records, room.entries, at)!
  return { state, round: buildRound(state, readRoom(state, memories, false)) }
}

/** Everything a round asks for, by one tap each; what came of one tap may take the next stop away. */
function roundDone(room: KnownRoom, at: Instant, memories: Memories): KnownRoom {
  let now = room
  for (const { key } of believedRound(room, at, memories).round.stops) {
    const { state, round } = believedRound(now, at, memories)
    const stop = round.stops.find(s => s.key === key)
    if (stop) now = answered(now, stop, { how: 'done' }, state, round, at).room
  }
  return now
}

/** Foods that a plan would have in the room are kept there with it. */
const keeping = (room: KnownRoom, foods: readonly string[]): KnownRoom => ({
  ...room,
  records: room.records.map(r =>
    r.type === 'room' ? { ...r, foods: [...new Set([...r.foods, ...foods])] } : r,
  ),
})

/**
 * Days of a room that keeps its first plan and does what every round says, planned anew each morning up to the same last day.
 * @returns one morning a day; the first has kept the plan and changes nothing
 */
export function plannedDays(
  first: KnownRoom,
  from: Instant,
  days: number,
  solver: Solver,
  limits?: SolveLimits,
): Morning[] {
  let room = first
  let kept: CulturePlan['starts'] = []
  const memories: Memories = new Map()
  return Array.from({ length: days }, (_, day): Morning => {
    const now = addHours(from, 24 * day)
    const state = roundState(room.records, room.entries, now)!
    const readings = readRoom(state, memories)
    const asked = { seed: 1, days: HORIZON_DAYS - day, certainty: CERTAINTY, pins: [] }
    const question = { ...asked, onlyPinned: false, whatIf: NOTHING_ELSE }
    const plan = answerPlan(state, readings, question, solver, limits)
    let changes: PlanChange[] = []
    if (day === 0) {
      room = keeping(room, plan.takesUp)
      const facts = planFacts(roundState(room.records, room.entries, now)!, readings)
      kept = plan.starts
      const taken = new Set<string>()
      const starts = kept.map(s => {
        const start = asKept(s, taken)
        taken.add(start.id)
        return start
      })
      const id = makeId(toMs(now), new Uint8Array(10))
      const data = { ...asked, from: state.today, starts, refused: [], facts }
      const subject = { type: 'plan', id: 'plan' }
      const about = { id, at: now, by: 'test', act: id, supersedes: null, answers: null }
      const written = entry.parse({ ...about, kind: 'plan.kept', subject, data })
      room = { ...room, entries: [...room.entries, written] }
    } else {
      const left = startsLeft(startStates(state.entries, state.cultureStates), state.today)
      const before = keptPlan(state.entries)!.plan.facts
      changes = planDifference(left, plan.starts, factChanges(before, planFacts(state, readings)))
    }
    for (const h of ROUNDS_H) room = roundDone(room, addHours(now, h), memories)
    return { day, kept, changes }
  })
}
