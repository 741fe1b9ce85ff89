import { harvestWindow } from '../../dynamics/hatch/hatch'
import { NAUPLII } from '../../foods/hatchProfile'
import { CHILLED_HOLD_H } from '../../dynamics/hatch/handling'
import { lotInUse, type RoomState } from '../../stock/roomState'
import { daysBetween, localDateOf } from '../../time/localDate'
import { currentRound, roundsAround } from '../../time/rounds'
import { keeps } from '../allocate'
import { lastCall, vesselModel, type LotForPlan } from '../hatchOption'
import { hatchWay } from '../hatchWay'
import { expectedPulls, frozenBatches, liveBatches } from '../supply'
import type { Hatching } from './problem'

/** A cleaned vessel is filled again at the round at which it was emptied; between two of them it stands so long, h. */
const ROUND_H = 12
/** Nauplii are fed fresh at one round and out of the fridge at the next. */
const MEAN_HOLD_H = ROUND_H / 2

/** The lot that is open, as the planner takes it. */
export function lotForPlan(state: RoomState): LotForPlan | null {
  const open = lotInUse(state)
  return (
    open && {
      id: open.lot.id,
      name: open.lot.name,
      hatch: open.state.hatch,
      cystsPerG: open.lot.cystsPerG,
      speed: open.state.speed,
      spread: open.state.spread,
      gramsLeft: open.state.gramsLeft,
    }
  )
}

/**
 * What hatches can bring day by day: what runs and what is kept, and the most that the vessels hold when each is filled again
 * as soon as it is empty. Null where nauplii are no food of the room.
 * @param fromDay the first day on which a bottle can be filled
 */
export function hatchingOf(state: RoomState, days: number, fromDay = 0): Hatching | null {
  if (!state.room.foods.includes(NAUPLII)) return null
  const all = roundsAround(state.now, state.room.rounds, state.room.timeZone, 4, 6)
  const rounds = all.slice(all.indexOf(currentRound(state.now, all)))
  const dayOf = (at: string) =>
    Math.max(0, daysBetween(state.today, localDateOf(at, state.room.timeZone)))
  const pulls = expectedPulls(state, rounds)
  const onHand = liveBatches(state, pulls)
    .map(b => ({ day: dayOf(b.at), useful: b.useful }))
    .filter(b => b.day < days)
  const lot = lotForPlan(state)
  const most = new Array<number>(days).fill(0)
  const way = hatchWay(state)
  let gramsEach = 0
  if (lot) {
    for (const vessel of state.hatchVessels) {
      const full = vesselModel(vessel, lot, way, way.mostCystsGL * vessel.litres)
      const window = harvestWindow(full.curve)
      if (!window) continue
      // The cycle of whole rounds that brings most a day.
      const cycles = [2, 3, 4, 5, 6]
        .map(n => n * ROUND_H)
        .filter(h => h <= lastCall(window, way))
        .map(h => ({
          h,
          useful: full.curve.pull(h, 0).useful * keeps({ holdH: CHILLED_HOLD_H }, MEAN_HOLD_H),
        }))
      const best = cycles.reduce<{ h: number; useful: number } | null>(
        (a, b) => (a === null || b.useful / b.h > a.useful / a.h ? b : a),
        null,
      )
      if (!best) continue
      const { h: cycle, useful } = best
      const first = fromDay + Math.ceil(cycle / 24)
      for (let d = first; d < days; d++) most[d]! += (full.nauplii * useful * 24) / cycle
      const thin = vesselModel(vessel, lot, way, vessel.litres)
      gramsEach = Math.max(gramsEach, vessel.litres / Math.max(1, thin.nauplii * useful))
    }
  }
  const open = lotInUse(state)
  const costPerGram =
    open?.lot.price && open.lot.priceGrams ? open.lot.price / open.lot.priceGrams : 0
  return {
    food: NAUPLII,
    onHand,
    keeps: keeps({ holdH: CHILLED_HOLD_H }, ROUND_H),
    frozen: frozenBatches(state).reduce((n, b) => n + b.useful, 0),
    fromDay,
    most,
    gramsEach,
    gramsLeft: state.lots.reduce((g, l) => g + Math.max(0, l.state.gramsLeft), 0),
    costPerGram,
  }
}
