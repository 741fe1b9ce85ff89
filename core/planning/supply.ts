import { CHILLED_HOLD_H } from '../dynamics/hatch/handling'
import { NAUPLII } from '../foods/hatchProfile'
import { harvestWindow } from '../dynamics/hatch/hatch'
import type { Reason } from '../reasons/reason'
import { lastPullH, modelOfHatch, type HatchCulture } from '../stock/hatchCultures'
import { pullForecast } from '../stock/pullForecast'
import { lotOfHatch, type RoomState } from '../stock/roomState'
import { addHours, hoursBetween, toMs, type Instant } from '../time/localDate'
import { fullRounds, type RoundOccurrence } from '../time/rounds'
import type { Batch } from './allocate'
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
  /** For the next pull of the bottle. */
  why: Reason | null
}

/** True when a bottle holds nothing worth pulling any more. */
export function isSpent(state: RoomState, hatch: HatchCulture): boolean {
  const model = modelOfHatch(hatch, lotOfHatch(state, hatch), state.hatchPH)
  const window = harvestWindow(model.curve)
  const elapsed = hoursBetween(hatch.startedAt, state.now)
  // Nothing will ever hatch: after three days it is only smell.
  return window ? elapsed > window.lastCallH + 12 : elapsed > 72
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
        ? hatch.setup.pullsAt
        : [nearestRound(full, addHours(hatch.startedAt, model.curve.best.h)).at]
    const open = planned.slice(done)
    // After a failed first look there is still the late half: one more pull at the planned time or now.
    let since = lastPullH(hatch)
    const rounds = open.map(at => pullRound(state, hatch, full, current, at))
    open.forEach((at, i) => {
      const pullNo = done + i + 1
      const round = rounds[i]!
      // A pull that was missed and the one that is due are one.
      if (rounds[i + 1] === round) return
      const h = hoursBetween(
        hatch.startedAt,
        round === current && toMs(state.now) > toMs(round.at) ? state.now : round.at,
      )
      const pull = model.curve.pull(h, since)
      const first = since === lastPullH(hatch) ? pullForecast(hatch, model, lot, h) : null
      const nauplii = first?.nauplii ?? model.nauplii * pull.hatchedFraction
      const share =
        first?.energy ?? (pull.hatchedFraction > 0 ? pull.useful / pull.hatchedFraction : 1)
      since = h
      found.push({
        hatch,
        round,
        pullNo,
        ofPulls: planned.length,
        nauplii,
        energy: share,
        useful: nauplii * share,
        why: first?.why ?? null,
        late: toMs(at) < toMs(current.at) - 60_000,
      })
    })
  }
  return found.sort((a, b) => toMs(a.round.at) - toMs(b.round.at))
}

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
