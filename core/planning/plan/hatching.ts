import { harvestWindow } from '../../dynamics/hatch/hatch'
import type { HatchCurve } from '../../dynamics/hatch/hatchCurve'
import { NAUPLII } from '../../foods/hatchProfile'
import { CHILLED_HOLD_H } from '../../dynamics/hatch/handling'
import type { RoomState } from '../../stock/roomState'
import { lotInUse } from '../../stock/lotInUse'
import { daysBetween, localDateOf } from '../../time/localDate'
import { currentRound, roundsAround } from '../../time/rounds'
import { keeps } from '../allocate'
import { lastCall, vesselModel, type LotForPlan } from '../hatchOption'
import { broughtBy, hatchWay, type HatchWay } from '../hatchWay'
import { DRAWN_FOR_H } from '../pullRounds'
import { expectedPulls, frozenBatches, liveBatches } from '../supply'
import type { Hatching } from './problem'

/** A cleaned vessel is filled again at the round at which it was emptied; between two of them it stands so long, h. */
const ROUND_H = 12
/** Rounds that a bottle stands at most before it is filled anew. */
const CYCLE_ROUNDS = [2, 3, 4, 5, 6, 7, 8]
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
 * What one filling brings, as a share of the full yolk of all its nauplii: emptied at its last round, or drawn from at each
 * round since its window opened. What is drawn at each round is fed fresh; what one pull brings waits in the fridge in part.
 */
function cycleBrings(curve: HatchCurve, way: HatchWay, fromH: number, lastH: number): number {
  const firstH = { 'one': lastH, 'one-or-two': lastH, 'two': lastH - ROUND_H, 'each': fromH }[
    way.pulls
  ]
  const hours = [lastH]
  const isDrawn = (h: number) => h >= firstH && h >= lastH - DRAWN_FOR_H
  while (isDrawn(hours[0]! - ROUND_H)) hours.unshift(hours[0]! - ROUND_H)
  const brought = broughtBy(way, curve, hours).reduce((sum, d) => sum + d.useful, 0)
  return brought * keeps({ holdH: CHILLED_HOLD_H }, way.pulls === 'each' ? 0 : MEAN_HOLD_H)
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
      const cycles = CYCLE_ROUNDS.map(n => n * ROUND_H)
        .filter(h => h <= lastCall(window, way))
        // A bottle that is kept is drawn from until its end, as the round does it.
        .filter((_, i, all) => way.pulls !== 'each' || i === all.length - 1)
        .map(h => ({ h, useful: cycleBrings(full.curve, way, window.fromH, h) }))
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
