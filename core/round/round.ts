import { saltCautions } from '../foods/brine-shrimp/methods'
import { brineShrimp } from '../foods/brine-shrimp'
import { hatchPlan, type Gap, type HatchPlan } from '../planning/hatchPlan'
import { isSpent, postponedAt } from '../planning/supply'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { RoomState } from '../stock/roomState'
import type { Caution } from '../foods/contract'
import { hoursBetween, toMs } from '../time/localDate'
import { gelStops } from './gelStops'
import { orderStops } from './orderStops'
import { restockStops } from './restockStops'
import type { DiscardStop, EmptyStop, HarvestStop, StartStop, Stop } from './stop'
import { tankStops, type TankStop } from './tankStops'
import { currentRound, roundsAround, type RoundOccurrence } from '../time/rounds'

export interface Round {
  current: RoundOccurrence
  next: RoundOccurrence
  stops: Stop[]
  /** Keys put off at this round. */
  postponed: string[]
  /** Acts of this round, newest first, for Undo. */
  done: { act: string; entries: Entry[] }[]
  gaps: Gap[]
  plan: HatchPlan
  /** Rounds of the last three days in which nothing was logged though something was due. */
  missedRounds: number
}

/**
 * The round at `now`: what to do, in the order of doing. Cultures from clean to dirty, then hatches, tanks last.
 * Pure: the same state gives the same round.
 * @param more stops of cultures and of the plan (moreStops.ts), which need every food to be known
 */
export function buildRound(state: RoomState, more: readonly Stop[] = []): Round {
  const { room, now } = state
  const all = roundsAround(now, room.rounds, room.timeZone, 4, 6)
  const current = currentRound(now, all)
  const ahead = all.slice(all.indexOf(current))
  const rounds = ahead.filter(r => hoursBetween(current.at, r.at) <= 96)
  const plan = hatchPlan(state, rounds)
  const putOff = postponedAt(state, current.key)
  const tanks = tankStops(state, plan, current)
  const stops: Stop[] = [
    ...more,
    ...gelStops(state, current),
    ...restockStops(state, current),
    ...spentStops(state),
    ...discardStops(state),
    ...harvestStops(state, plan, current, tanks),
    ...startStops(state, plan, current),
    ...tanks,
  ]
  return {
    current,
    next: ahead[1]!,
    stops: orderStops(
      stops.filter(s => !putOff.has(s.key)),
      state.places,
    ),
    postponed: [...putOff],
    done: doneActs(state, current),
    gaps: plan.gaps,
    plan,
    missedRounds: missed(state, all, current),
  }
}

const placeOfVessel = (state: RoomState, vesselId: string) =>
  state.vessels.find(v => v.id === vesselId)?.placeId ?? null

const spentStops = (state: RoomState): EmptyStop[] =>
  state.runs
    .filter(run => run.endedAt === null && isSpent(state, run))
    .map(run => ({
      type: 'empty',
      key: `empty:${run.id}`,
      placeId: placeOfVessel(state, run.setup.vesselId),
      run,
      hours: hoursBetween(run.startedAt, state.now),
      cautions: [ROTTEN],
    }))

const ROTTEN: Caution = {
  id: 'rotten',
  text: 'A dead hatch smells: fresh air, drain with plenty of water, wash your hands, hot water through vessel and lines.',
}

const discardStops = (state: RoomState): DiscardStop[] =>
  state.stores
    .filter(s => s.useBy !== null && toMs(s.useBy) < toMs(state.now))
    .map(store => ({
      type: 'discard',
      key: `discard:${store.id}`,
      placeId: null,
      store,
      cautions: [],
    }))

const harvestStops = (
  state: RoomState,
  plan: HatchPlan,
  current: RoundOccurrence,
  tanks: readonly TankStop[],
): HarvestStop[] =>
  plan.pulls
    .filter(p => p.round.key === current.key)
    .map(pull => ({
      type: 'harvest',
      key: `harvest:${pull.run.id}:${pull.pullNo}`,
      placeId: placeOfVessel(state, pull.run.setup.vesselId),
      pull,
      // What the fridge feeds whole does not wait for the harvest.
      meals: plan.meals.filter(
        m =>
          m.round.key === current.key &&
          !tanks.some(t => t.feed?.meal === m && t.feed.share >= 0.95),
      ),
      due: pull.late ? 'late' : 'now',
      cautions: [],
    }))

const startStops = (state: RoomState, plan: HatchPlan, current: RoundOccurrence): StartStop[] =>
  plan.hatches
    .filter(h => h.startRound.key === current.key)
    .map(planned => ({
      type: 'start',
      key: planned.key,
      placeId: planned.vessel.placeId,
      planned,
      after:
        state.runs.find(r => r.setup.vesselId === planned.vessel.id && r.endedAt === null) ?? null,
      cautions: [
        ...brineShrimp.methods[planned.pulls.length > 1 ? 1 : 0]!.start.flatMap(
          s => s.cautions ?? [],
        ),
        ...saltCautions(planned.salt?.iodised ?? false),
      ],
    }))

/** Acts of the current round that can be undone, newest first. */
function doneActs(state: RoomState, current: RoundOccurrence): Round['done'] {
  const since = toMs(current.at) - 6 * 3_600_000
  const acts = new Map<string, Entry[]>()
  for (const e of state.entries) {
    if (toMs(e.at) < Math.min(since, toMs(state.now) - 6 * 3_600_000) || e.answers === null)
      continue
    acts.set(e.act, [...(acts.get(e.act) ?? []), e])
  }
  return [...acts].map(([act, entries]) => ({ act, entries })).reverse()
}

/** How many of the last three days' rounds passed without any entry while fry were to be fed. */
function missed(
  state: RoomState,
  all: readonly RoundOccurrence[],
  current: RoundOccurrence,
): number {
  const fed = new Set(ofKind(state.entries, 'tank.fed').map(e => e.data.roundKey))
  const began = state.entries[0]?.at
  if (!began || state.broods.length === 0) return 0
  let count = 0
  for (const round of all.slice(0, all.indexOf(current)).reverse()) {
    if (
      hoursBetween(round.at, state.now) > 72 ||
      toMs(round.at) < toMs(began) ||
      fed.has(round.key)
    )
      break
    if (!state.broods.some(b => b.freeOn <= round.date)) break
    count++
  }
  return count
}
