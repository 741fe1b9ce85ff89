import { foodOf } from '../../foods/index'
import { daysBetween, type LocalDate } from '../../time/localDate'
import { paceOf } from '../../stock/pace'
import type { RoomState } from '../../stock/roomState'
import { planDemand } from './demand'
import { hatchingOf } from './hatching'
import { labourOf, minutesOpen, minutesThere, mostOvertime, type Labour } from './labour'
import { STORE_LEAD_D } from '../../foods/buying'
import type { BroodDay, PlanProblem, StartOn } from './problem'
import { comesInDays } from './storesComing'
import type { PlanRequest, StartLine } from './request'
import { freeVessels, newLines, roomStarts, runningSupply, type RoomStart } from './startables'
import { together } from './together'

/** A plan's problem with the ways to start that it was made of. */
export interface BuiltProblem {
  problem: PlanProblem
  starts: RoomStart[]
  labour: Labour
  /** Minutes of the rounds of each day, and what is left of them for new vessels; below zero where meals take more. */
  there: number[]
  open: number[]
}

/** Lines as starts of this problem; a line whose food or day is not there any more is left out. */
export function onStarts(
  lines: readonly StartLine[],
  starts: readonly RoomStart[],
  from: PlanRequest['from'],
  days: number,
): StartOn[] {
  return lines.flatMap((l): StartOn[] => {
    const day = daysBetween(from, l.on)
    const s =
      starts.find(x => x.food === l.food && x.method.id === l.method) ??
      starts.find(x => x.food === l.food)
    return s && day >= 0 && day < days ? [{ startable: s.id, day, vessels: l.vessels }] : []
  })
}

const DAY_ONE = '2000-01-01' as LocalDate

/** Without foods that do not grow and are not here yet: each from the day on which it can have come. */
function withoutAbsent(broodDays: BroodDay[], state: RoomState, freely: readonly string[]) {
  const from = new Map(freely.map(f => [f, comesInDays(state, f) ?? STORE_LEAD_D]))
  return broodDays.map(b => ({
    ...b,
    foods: b.foods.filter(f => b.day >= (from.get(f.food) ?? 0)),
  }))
}

/**
 * The room of a request as the solver sees it.
 * @param hatchesFrom the first day on which a bottle can be filled
 */
export function buildProblem(r: PlanRequest, days: number, hatchesFrom = 0): BuiltProblem {
  const starts = roomStarts(r.state, r.readings, days, r.warmerC, r.pins)
  const grown = new Set(starts.map(s => s.food))
  const hatching = hatchingOf(r.state, days, hatchesFrom)
  const cultured = new Set([
    ...grown,
    ...r.state.cultureStates.map(c => c.record.foodId),
    ...(hatching ? [hatching.food] : []),
  ])
  // What is neither grown nor hatched is bought.
  const freely = r.state.room.foods.filter(f => !cultured.has(f) && foodOf(f) === null)
  const broodDays = withoutAbsent(planDemand(r.state, r.from, days), r.state, freely)
  const alive = runningSupply(r.state, r.readings, days)
  const { rounds } = r.state.room
  const there = minutesThere(rounds, r.from, days)
  const pace = paceOf(r.state.entries, r.state.today).factor
  const open = minutesOpen(there, {
    rounds: rounds.length,
    pace,
    broodDays,
    running: alive,
    hatching,
  })
  const problem: PlanProblem = {
    days,
    phase: daysBetween(DAY_ONE, r.from),
    broodDays,
    running: alive,
    startable: starts,
    lines: newLines(starts, r.state, days),
    overtime: there.map(mostOvertime),
    minutes: open.map(m => Math.max(0, m)),
    vessels: freeVessels(starts, days),
    freely,
    hatching,
    begun: together(onStarts(r.begun, starts, r.from, days)),
    pinned: onStarts(r.pins, starts, r.from, days),
    onlyPinned: r.onlyPinned,
    idle: r.idle.map(d => daysBetween(r.from, d)).filter(d => d >= 0 && d < days),
  }
  return { problem, starts, labour: labourOf(there, open), there, open }
}
