import { foodOf } from '../foods/index'
import type { Tended } from '../planning/amounts'
import type { Draw } from '../planning/reckoning/draw'
import { cultureDraws, grownDraws, leftOver, type OtherDraw } from '../planning/reckoning/eaters'
import { reckon, type Reckoning } from '../planning/reckoning/reckon'
import type { Readings } from '../planning/reckoning/sourcesAt'
import { tending, type Tending } from '../planning/tending'
import { lookWorth, vesselAct } from '../planning/vesselAct'
import { running, type CultureState } from '../stock/cultures'
import { backupOf } from '../stock/lines'
import type { RoomState } from '../stock/roomState'
import type { RoundOccurrence } from '../time/rounds'

/** A vessel at a round: what falls due, what is best done, and what is drawn from it. */
export interface VesselAtRound {
  tended: Tended
  due: readonly Tending[]
  act: Tending | null
  look: Tending | null
  draws: readonly Draw[]
  /** Drawn for grown fish and for other cultures. */
  others: readonly OtherDraw[]
  /** What it is fed with, where that is another culture. */
  feed: OtherDraw | null
}

/** All that the stops of a round are found from. */
export interface RoundContext {
  state: RoomState
  readings: Readings
  reckoning: Reckoning
  round: RoundOccurrence
  vessels: readonly VesselAtRound[]
  others: readonly OtherDraw[]
}

/** A culture with its food, method and reading; null while any of them is not known. */
export function tendedOf(
  state: RoomState,
  culture: CultureState,
  readings: Readings,
): Tended | null {
  const food = foodOf(culture.record.foodId)
  const method = food?.methods.find(m => m.id === culture.record.methodId) ?? food?.methods[0]
  const reading = readings.get(culture.id)
  return food && method && reading ? { culture, food, method, reading, now: state.now } : null
}

/** Works a round out once, for all kinds of stops. */
export function roundContext(state: RoomState, readings: Readings): RoundContext {
  const reckoning = reckon(state, readings)
  const { round } = reckoning
  const acts = running(state.cultureStates).flatMap(culture => {
    const tended = tendedOf(state, culture, readings)
    if (!tended) return []
    const due = tending(tended, backupOf(state.cultureStates, culture.id))
    const act = vesselAct(state, tended, due, round.at)
    return [{ tended, due, act, look: lookWorth(tended, due, round.at) }]
  })
  const spare = leftOver(reckoning.sources, reckoning.draws)
  const fed = new Set(acts.filter(a => a.act?.kind === 'feed').map(a => a.tended.culture.id))
  const others = round.feedingOnly
    ? []
    : [...cultureDraws(state, spare, fed), ...grownDraws(state, spare)]
  const vessels = acts.map((a): VesselAtRound => {
    const { id } = a.tended.culture
    return {
      ...a,
      draws: reckoning.draws.filter(d => d.source.id === id && !d.source.inHand && !d.source.due),
      others: others.filter(o => o.source.id === id),
      feed: others.find(o => o.eater.kind === 'culture' && o.eater.culture.id === id) ?? null,
    }
  })
  return { state, readings, reckoning, round, vessels, others }
}
