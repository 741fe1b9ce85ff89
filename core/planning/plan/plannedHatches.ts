import { NAUPLII } from '../../foods/hatchProfile'
import { addDays, type Instant } from '../../time/localDate'
import { currentRound, roundsAround } from '../../time/rounds'
import { hatchPlan, type HatchPlan } from '../hatchPlan'
import { mealsAt, SPILL } from '../meals'
import type { PlanProblem, PlanSolution } from './problem'
import type { PlanRequest } from './request'

/** A hatch of the plan: which vessel, from which round to which, with how much. */
export interface HatchLine {
  vesselId: string
  vessel: string
  startAt: Instant
  startRound: string
  pullsAt: Instant[]
  cystsG: number
  nauplii: number
}

/**
 * The hatches that bring the nauplii of a plan, whole ones at whole rounds: two pulls where they pay, a day's hold in the fridge,
 * what is in the freezer for what no hatch can reach.
 * @returns lines, and the days on which what was planned cannot be hatched after all
 */
export function plannedHatches(
  r: PlanRequest,
  p: PlanProblem,
  solution: PlanSolution,
): { lines: HatchLine[]; plan: HatchPlan | null } {
  if (!p.hatching) return { lines: [], plan: null }
  const { state } = r
  const first = addDays(r.from, p.hatching.fromDay)
  const all = roundsAround(state.now, state.room.rounds, state.room.timeZone, 4, p.days)
  const last = addDays(r.from, p.days - 1)
  const idle = new Set(p.idle.map(d => addDays(r.from, d)))
  const rounds = all
    .slice(all.indexOf(currentRound(state.now, all)))
    .filter(x => x.date >= first && x.date <= last && !idle.has(x.date))
  if (rounds.length === 0) return { lines: [], plan: null }
  const wanted = new Map<string, number>()
  const whole = new Map<string, number>(
    p.broodDays
      .filter(b => !b.standby)
      .flatMap(b =>
        b.foods
          .filter(f => f.food === NAUPLII)
          .map(f => [`${b.brood} ${addDays(r.from, b.day)}`, f.organisms] as const),
      ),
  )
  for (const m of solution.meals) {
    const key = `${m.brood} ${addDays(r.from, m.day)}`
    if (m.food === NAUPLII) wanted.set(key, m.share * (whole.get(key) ?? 0))
  }
  const meals = mealsAt(
    state,
    rounds,
    ({ brood, day }, round) =>
      (wanted.get(`${brood.id} ${round.date}`) ?? 0) / (1 + SPILL) / Math.max(1, day.meals),
  )
  const plan = hatchPlan(state, rounds, meals)
  return {
    plan,
    lines: plan.hatches.map(h => ({
      vesselId: h.vessel.id,
      vessel: h.vessel.name,
      startAt: h.startAt,
      startRound: h.startRound.key,
      pullsAt: h.pulls.map(x => x.at),
      cystsG: h.cystsG,
      nauplii: h.pulls.reduce((n, x) => n + x.nauplii, 0),
    })),
  }
}
