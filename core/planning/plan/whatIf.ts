import { movedTemperature } from '../../stock/tankTemperature'
import type { RoomState } from '../../stock/roomState'
import { lifeStage } from '../../fry/life'
import { addDays, daysBetween, type LocalDate } from '../../time/localDate'
import { usualBudget } from '../../time/roundBudget'
import type { Room } from '../../records/records'
import type { PlannedStart } from './explainStart'
import type { PlanGap } from './gaps'
import { asKept, type StartState } from './keptPlan'
import type { CulturePlan } from './planRoom'
import type { PlanRequest } from './request'

/** A question put to a plan; nothing of it is saved. */
export interface WhatIf {
  /** Days by which a brood comes later (or, negative, earlier), and fry against those there are, by brood. */
  shift: Record<string, number>
  fry: Record<string, number>
  /** The whole room warmer or cooler, K: tanks and cultures. */
  warmerC: number
  /** Cultures and hatch vessels that are gone. */
  lost: string[]
  /** Nobody is there: from a day, for so many. */
  away: { from: LocalDate; days: number } | null
  /** Minutes of the rounds against those that there are. */
  minutes: number
}

export const NOTHING_ELSE: WhatIf = {
  shift: {},
  fry: {},
  warmerC: 0,
  lost: [],
  away: null,
  minutes: 1,
}

export const isAsked = (w: WhatIf): boolean =>
  Object.values(w.shift).some(d => d !== 0) ||
  Object.values(w.fry).some(f => f !== 1) ||
  w.warmerC !== 0 ||
  w.lost.length > 0 ||
  w.minutes !== 1 ||
  (w.away?.days ?? 0) > 0

/** Most days anybody is taken to be away. */
export const AWAY_MOST = 30

const shorter = (round: Room['rounds'][number], factor: number): Room['rounds'][number] => ({
  ...round,
  minutes: usualBudget(round) * factor,
  minutesByDay: round.minutesByDay && round.minutesByDay.map(m => (m === null ? null : m * factor)),
})

/** The room as it would be. */
export function stateIf(state: RoomState, w: WhatIf): RoomState {
  const { room } = state
  const rounds = room.rounds.map(r => shorter(r, w.minutes))
  return {
    ...state,
    room: w.minutes === 1 ? room : { ...room, rounds },
    broods: state.broods.map(b => {
      const shift = w.shift[b.id] ?? 0
      const factor = w.fry[b.id] ?? 1
      if (shift === 0 && factor === 1 && w.warmerC === 0) return b
      const freeOn = addDays(b.freeOn, shift)
      const dates = { ...b.dates, free: { ...b.dates.free, on: freeOn } }
      return {
        ...b,
        freeOn,
        dates,
        day: daysBetween(freeOn, state.today),
        stage: shift === 0 ? b.stage : lifeStage(dates, state.today),
        fryNow: b.fryNow * factor,
        // Numbers go with the days of the brood.
        numbers: {
          freeOn,
          points: b.numbers.points.map(p => ({ ...p, fry: p.fry * factor })),
        },
        water: movedTemperature(b.water, shift, w.warmerC),
      }
    }),
    cultureStates: state.cultureStates.filter(c => !w.lost.includes(c.id)),
    hatchVessels: state.hatchVessels.filter(v => !w.lost.includes(v.id)),
    hatches: state.hatches.filter(h => h.vesselId === null || !w.lost.includes(h.vesselId)),
  }
}

/** Days on which nobody is there. */
export const daysAway = (w: WhatIf): LocalDate[] =>
  w.away
    ? Array.from({ length: Math.min(AWAY_MOST, Math.max(0, Math.round(w.away.days))) }, (_, i) =>
        addDays(w.away!.from, i),
      )
    : []

/** The same request in the room as it would be. */
export const requestIf = (r: PlanRequest, w: WhatIf): PlanRequest => ({
  ...r,
  state: stateIf(r.state, w),
  idle: [...r.idle, ...daysAway(w)],
  warmerC: r.warmerC + w.warmerC,
})

const NONE: ReadonlySet<string> = new Set()

/** A plan as if it were kept, so that another can be held against it. */
export const asIfKept = (starts: readonly PlannedStart[]): StartState[] =>
  starts.map((s, i) => ({
    ...asKept(s, NONE),
    id: `${s.food}${i}`,
    started: 0,
    left: s.vessels,
    changed: 0,
  }))

/** From so much of a day planned, and so surely, it counts as covered. */
const PLANNED_FROM = 0.9
const SURE_FROM = 0.8

/** Days of a brood that a plan covers. */
export const coveredDays = (plan: CulturePlan, brood: string): number =>
  plan.cover.filter(
    c => c.brood === brood && c.planned >= PLANNED_FROM && c.probability >= SURE_FROM,
  ).length

const SAME_SHARE = 0.02
const sameGap = (a: PlanGap, b: PlanGap): boolean => {
  const when = a.brood === b.brood && a.from === b.from && a.to === b.to
  return when && Math.abs(a.share - b.share) < SAME_SHARE
}
/** Gaps that a plan has and another has not. */
export const newGaps = (was: CulturePlan, is: CulturePlan): PlanGap[] =>
  is.gaps.filter(g => !was.gaps.some(x => sameGap(x, g)))
