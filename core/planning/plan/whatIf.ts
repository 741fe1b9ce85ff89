import type { RoomState } from '../../stock/roomState'
import { lifeStage } from '../../fry/life'
import { addDays, daysBetween, type LocalDate } from '../../time/localDate'
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
}

export const NOTHING_ELSE: WhatIf = { shift: {}, fry: {}, warmerC: 0, lost: [], away: null }

export const isAsked = (w: WhatIf): boolean =>
  Object.values(w.shift).some(d => d !== 0) ||
  Object.values(w.fry).some(f => f !== 1) ||
  w.warmerC !== 0 ||
  w.lost.length > 0 ||
  (w.away?.days ?? 0) > 0

/** Most days anybody is taken to be away. */
export const AWAY_MOST = 30

/** The room as it would be. */
export function stateIf(state: RoomState, w: WhatIf): RoomState {
  return {
    ...state,
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
          ...b.numbers,
          onDay: (day: number) => b.numbers.onDay(day) * factor,
          at: (date: LocalDate) => b.numbers.at(addDays(date, -shift)) * factor,
        },
        temperature: (date: LocalDate) => b.temperature(addDays(date, -shift)) + w.warmerC,
        steady: b.steady === null ? null : b.steady + w.warmerC,
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
