import { CHILLED_HOLD_H } from '../dynamics/hatch/handling'
import { NAUPLII } from '../foods/hatchProfile'
import { harvestWindow } from '../dynamics/hatch/hatch'
import type { Reason } from '../reasons/reason'
import { modelOfHatch, type HatchCulture } from '../stock/hatchCultures'
import { movedPulls, type MovedPull } from '../stock/movedPulls'
import { pullForecasts } from '../stock/pullForecast'
import { lotOfHatch, type RoomState } from '../stock/roomState'
import { addHours, hoursBetween, toMs, type Instant } from '../time/localDate'
import { fullRounds, type RoundOccurrence } from '../time/rounds'
import type { Batch } from './allocate'
import { lastCall } from './hatchOption'
import { waysOf } from '../stock/hatchPulls'
import { wasAnswered } from './reckoning/answered'

/** The next pull of a running hatch, at the round where it belongs. */
export interface ExpectedPull {
  hatch: HatchCulture
  round: RoundOccurrence
  pullNo: number
  ofPulls: number
  /** Nauplii still in the bottle then, and their energy. */
  nauplii: number
  energy: number
  /** Useful = nauplii x energy. */
  useful: number
  late: boolean
  /** It is due at another hour than was meant: it was warmer or colder in the bottle. */
  moved: MovedPull | null
  /** For the next pull of the bottle. */
  why: Reason | null
}

/** True when a bottle holds nothing worth pulling any more. */
export function isSpent(state: RoomState, hatch: HatchCulture): boolean {
  const model = modelOfHatch(hatch, lotOfHatch(state, hatch), state.hatchPH)
  const window = harvestWindow(model.curve)
  const elapsed = hoursBetween(hatch.startedAt, state.now)
  // Nothing will ever hatch: after three days it is only smell.
  return window ? elapsed > lastCall(window, waysOf(hatch)) + 12 : elapsed > 72
}

/**
 * Pulls that running hatches will still bring at the coming rounds. A pull that was missed is due at the current round;
 * a bottle without a plan is pulled at the round nearest to its best hour.
 */
export function expectedPulls(
  state: RoomState,
  rounds: readonly RoundOccurrence[],
): ExpectedPull[] {
  const current = rounds[0]!
  const full = fullRounds(rounds)
  const found: ExpectedPull[] = []
  for (const hatch of state.hatches) {
    if (hatch.endedAt !== null || isSpent(state, hatch)) continue
    const lot = lotOfHatch(state, hatch)
    const model = modelOfHatch(hatch, lot, state.hatchPH)
    if (!model.curve.best) continue
    const done = hatch.pulls.length
    const planned =
      hatch.setup.pullsAt.length > 0
        ? movedPulls(hatch, model, lot, state.hatchPH)
        : [unmoved(nearestRound(full, addHours(hatch.startedAt, model.curve.best.h)).at)]
    const open = planned.slice(done)
    // After a failed first look there is still the late half: one more pull at the planned time or now.
    const rounds = open.map(p => pullRound(state, hatch, full, current, p.at))
    const due = open
      .map((pull, i) => ({ pull, round: rounds[i]!, pullNo: done + i + 1 }))
      // A pull that was missed and the one that is due are one.
      .filter(({ round }, i) => rounds[i + 1] !== round)
    const hours = due.map(({ round }) => {
      const overdue = round === current && toMs(state.now) > toMs(round.at)
      return hoursBetween(hatch.startedAt, overdue ? state.now : round.at)
    })
    const forecasts = pullForecasts(hatch, model, lot, hours)
    due.forEach(({ pull, round, pullNo }, i) => {
      const { nauplii, energy, why } = forecasts[i]!
      found.push({
        hatch,
        round,
        pullNo,
        ofPulls: planned.length,
        nauplii,
        energy,
        useful: nauplii * energy,
        why: i === 0 ? why : null,
        moved: pull.byH === 0 ? null : pull,
        late: toMs(pull.at) < toMs(current.at) - 60_000,
      })
    })
  }
  return found.sort((a, b) => toMs(a.round.at) - toMs(b.round.at))
}

const unmoved = (at: Instant): MovedPull => ({ meant: at, at, byH: 0 })

/** The round at which a pull is made: a missed one now, one that was answered for at this round at the next. */
function pullRound(
  state: RoomState,
  hatch: HatchCulture,
  full: readonly RoundOccurrence[],
  current: RoundOccurrence,
  at: Instant,
): RoundOccurrence {
  const round = nearestRound(full, toMs(at) < toMs(current.at) ? current.at : at)
  const answered = round === current && wasAnswered(state, current.key, 'harvest', hatch.id)
  return answered ? (full.find(r => r !== current) ?? current) : round
}

const nearestRound = (rounds: readonly RoundOccurrence[], at: Instant) =>
  rounds.reduce((best, r) =>
    Math.abs(toMs(r.at) - toMs(at)) < Math.abs(toMs(best.at) - toMs(at)) ? r : best,
  )

/** Live batches on hand or on the way: fridge stores and expected pulls. */
export function liveBatches(state: RoomState, pulls: readonly ExpectedPull[]): Batch[] {
  const chilled = state.stores
    .filter(s => s.foodId === NAUPLII && s.keep === 'fridge')
    .map((s): Batch => ({
      id: s.id,
      at: state.now,
      useful: (s.organisms ?? 0) * s.energy,
      holdH: CHILLED_HOLD_H - hoursBetween(s.storedAt, state.now),
    }))
  return [
    // What stands in the fridge may also serve the current round, whose hour may be a little past.
    ...chilled
      .filter(b => b.holdH > 0)
      .map(b => ({ ...b, at: addHours(b.at, -12), holdH: b.holdH + 12 })),
    ...pulls.map((p): Batch => ({
      id: `${p.hatch.id}:${p.pullNo}`,
      at: p.round.at,
      useful: p.useful,
      holdH: CHILLED_HOLD_H,
    })),
  ]
}

/** Cubes: they feed nothing that is alive, but they close a gap. */
export const frozenBatches = (state: RoomState): Batch[] =>
  state.stores
    .filter(s => s.keep === 'freezer')
    .map(s => ({
      id: s.id,
      at: s.storedAt,
      useful: (s.organisms ?? 0) * s.energy,
      holdH: Infinity,
    }))
