import * as z from 'zod'
import type { CultureReading } from '../../estimation/readCulture'
import type { RoomState } from '../../stock/roomState'
import type { LocalDate } from '../../time/localDate'
import { firstDayTakes } from './firstDayTakes'
import { keptPlan, startsLeft, startStates } from './keptPlan'
import type { PlanProgress } from './planSearch'
import { planRoom, type CulturePlan } from './planRoom'
import { CERTAINTY, HORIZON, planRequest, type PlanRequest, type StartLine } from './request'
import { foodsForDry, foodsToBridge, foodsToTakeUp, withFoods } from './takeUp'
import type { SolveLimits, Solver } from '../../math/solver'
import { AWAY_MOST, isAsked, requestIf } from './whatIf'

const line = z.object({
  food: z.string().min(1).max(60),
  method: z.string().min(1).max(60),
  on: z.iso.date(),
  vessels: z.number().int().min(1).max(100),
})

/** What somebody asks of the planner; checked where it crosses a border. */
export const planQuestion = z.object({
  seed: z.number().int().default(1),
  days: z.number().int().min(1).max(HORIZON.most),
  certainty: z.number().min(CERTAINTY.least).max(CERTAINTY.most),
  pins: z.array(line).max(500),
  onlyPinned: z.boolean(),
  whatIf: z.object({
    shift: z.record(z.string(), z.number().int().min(-200).max(200)),
    fry: z.record(z.string(), z.number().min(0).max(100)),
    warmerC: z.number().min(-15).max(15),
    lost: z.array(z.string()).max(500),
    away: z.object({ from: z.iso.date(), days: z.number().int().min(0).max(AWAY_MOST) }).nullable(),
    minutes: z.number().min(0).max(4).default(1),
  }),
})
export type PlanQuestion = z.infer<typeof planQuestion>

/** Pins of starts that are still to be made: one that was made pins nothing any more, one that is late is pinned to today. */
export const pinsLeft = (
  pins: readonly StartLine[],
  left: readonly StartLine[],
  today: LocalDate,
): StartLine[] =>
  pins.flatMap(p => {
    const start = left.find(s => s.food === p.food && s.on === (p.on < today ? today : p.on))
    return start ? [{ ...p, on: start.on, vessels: Math.min(p.vessels, start.vessels) }] : []
  })

/** So many times a food is taken up and the room planned again. */
const MOST_TAKEN_UP = 2

/** What is taken up next: hunger comes before days on powder, and these before days that are far from sure. */
function nextFoods(plan: CulturePlan, besides: readonly string[]): string[] {
  const hunger = foodsToTakeUp(plan.gaps, besides)
  if (hunger.length > 0) return hunger
  const living = besides.length === 0 ? foodsForDry(plan.bridged) : []
  return living.length > 0 ? living : foodsToBridge(plan.doubts)
}

/** Where mouths go mostly without, or may well, the room is planned with what would feed them, kept here yet or not. */
function withMoreFoods(
  request: PlanRequest,
  first: CulturePlan,
  solver: Solver,
  limits?: SolveLimits,
  progress?: (p: PlanProgress) => boolean,
): CulturePlan {
  let plan = first
  const takesUp: string[] = []
  for (let n = 0; n < MOST_TAKEN_UP && plan.status !== 'infeasible'; n++) {
    const more = nextFoods(plan, takesUp)
    if (more.length === 0) break
    takesUp.push(...more)
    const state = withFoods(request.state, takesUp)
    plan = planRoom({ ...request, state }, solver, limits, progress)
  }
  return { ...plan, takesUp }
}

/** Answers a question about a room: the plan that is kept is moved away from only where something is gained. */
export function answerPlan(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  q: PlanQuestion,
  solver: Solver,
  limits?: SolveLimits,
  progress?: (p: PlanProgress) => boolean,
): CulturePlan {
  const kept = keptPlan(state.entries)
  const left = startsLeft(startStates(state.entries, state.cultureStates), state.today)
  const request = planRequest({
    state,
    readings,
    days: q.days,
    certainty: q.certainty,
    seed: q.seed,
    begun: left,
    isKept: kept !== null,
    pins: q.onlyPinned
      ? q.pins
      : [...pinsLeft(kept?.plan.pins ?? [], left, state.today), ...q.pins],
    onlyPinned: q.onlyPinned,
  })
  const asked = requestIf(request, q.whatIf)
  const first = planRoom(asked, solver, limits, progress)
  const plan = q.onlyPinned ? first : withMoreFoods(asked, first, solver, limits, progress)
  if (isAsked(q.whatIf) || plan.status === 'infeasible') return plan
  const today = firstDayTakes(state, readings)
  return { ...plan, takes: [...today, ...plan.takes.filter(t => t.day > state.today)] }
}
