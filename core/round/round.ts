import { saltCautions } from '../foods/brine-shrimp/methods'
import { brineShrimp } from '../foods/brine-shrimp'
import type { Meal } from '../planning/meals'
import { hatchPlan, type Gap, type HatchPlan } from '../planning/hatchPlan'
import { isSpent, postponedAt, type ExpectedPull } from '../planning/supply'
import type { PlannedHatch } from '../planning/plannedHatch'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { HatchRun } from '../stock/hatchRuns'
import type { NaupliiStore } from '../stock/naupliiStores'
import type { RoomState } from '../stock/roomState'
import type { Caution } from '../foods/contract'
import type { Reason } from '../reasons/reason'
import { hoursBetween, toMs } from '../time/localDate'
import { portionWhy } from './portionWhy'
import { currentRound, roundsAround, type RoundOccurrence } from '../time/rounds'

interface StopBase { key: string, placeId: string | null, cautions: Caution[] }
export interface HarvestStop extends StopBase { type: 'harvest', pull: ExpectedPull, meals: Meal[], due: 'now' | 'late' }
export interface StartStop extends StopBase { type: 'start', planned: PlannedHatch, /** The vessel still holds another hatch. */ after: HatchRun | null }
export interface FeedStop extends StopBase { type: 'feed', meal: Meal, store: NaupliiStore, nauplii: number, ml: number | null, cubes: number | null, /** Share of the meal this covers. */ share: number, /** A harvest of this round brings the rest. */ harvestFollows: boolean, why: Reason }
export interface EmptyStop extends StopBase { type: 'empty', run: HatchRun, hours: number }
export interface DiscardStop extends StopBase { type: 'discard', store: NaupliiStore }
export type Stop = HarvestStop | StartStop | FeedStop | EmptyStop | DiscardStop

export interface Round {
  current: RoundOccurrence
  next: RoundOccurrence
  stops: Stop[]
  /** Keys put off at this round. */
  postponed: string[]
  /** Acts of this round, newest first, for Undo. */
  done: { act: string, entries: Entry[] }[]
  gaps: Gap[]
  plan: HatchPlan
  /** Rounds of the last three days in which nothing was logged though something was due. */
  missedRounds: number
}

/**
 * The round at `now`: what to do, in the order of doing. Food is drawn first, then vessels are filled again, tanks come last.
 * Pure: the same state gives the same round.
 */
export function buildRound(state: RoomState): Round {
  const { room, now } = state
  const all = roundsAround(now, room.rounds, room.timeZone, 4, 6)
  const current = currentRound(now, all)
  const ahead = all.slice(all.indexOf(current))
  const rounds = ahead.filter(r => hoursBetween(current.at, r.at) <= 96)
  const plan = hatchPlan(state, rounds)
  const putOff = postponedAt(state, current.key)
  const feeds = feedStops(state, plan, current)
  const stops: Stop[] = [
    ...spentStops(state), ...discardStops(state), ...harvestStops(state, plan, current, feeds), ...startStops(state, plan, current), ...feeds,
  ]
  return {
    current, next: ahead[1]!, stops: stops.filter(s => !putOff.has(s.key)), postponed: [...putOff],
    done: doneActs(state, current), gaps: plan.gaps, plan, missedRounds: missed(state, all, current),
  }
}

const placeOfVessel = (state: RoomState, vesselId: string) => state.vessels.find(v => v.id === vesselId)?.placeId ?? null

const spentStops = (state: RoomState): EmptyStop[] => state.runs
  .filter(run => run.endedAt === null && isSpent(state, run))
  .map(run => ({ type: 'empty', key: `empty:${run.id}`, placeId: placeOfVessel(state, run.setup.vesselId), run, hours: hoursBetween(run.startedAt, state.now), cautions: [ROTTEN] }))

const ROTTEN: Caution = { id: 'rotten', text: 'A dead hatch smells: fresh air, drain with plenty of water, wash your hands, hot water through vessel and lines.' }

const discardStops = (state: RoomState): DiscardStop[] => state.stores
  .filter(s => s.useBy !== null && toMs(s.useBy) < toMs(state.now))
  .map(store => ({ type: 'discard', key: `discard:${store.id}`, placeId: null, store, cautions: [] }))

const harvestStops = (state: RoomState, plan: HatchPlan, current: RoundOccurrence, feeds: readonly FeedStop[]): HarvestStop[] => plan.pulls
  .filter(p => p.round.key === current.key)
  .map(pull => ({
    type: 'harvest', key: `harvest:${pull.run.id}:${pull.pullNo}`, placeId: placeOfVessel(state, pull.run.setup.vesselId), pull,
    // What the fridge feeds whole does not wait for the harvest.
    meals: plan.meals.filter(m => m.round.key === current.key && !feeds.some(f => f.meal === m && f.share >= 0.95)), due: pull.late ? 'late' : 'now', cautions: [],
  }))

const startStops = (state: RoomState, plan: HatchPlan, current: RoundOccurrence): StartStop[] => plan.hatches
  .filter(h => h.startRound.key === current.key)
  .map(planned => ({
    type: 'start', key: planned.key, placeId: planned.vessel.placeId, planned,
    after: state.runs.find(r => r.setup.vesselId === planned.vessel.id && r.endedAt === null) ?? null,
    cautions: [
      ...brineShrimp.methods[planned.pulls.length > 1 ? 1 : 0]!.start.flatMap(s => s.cautions ?? []),
      ...saltCautions(planned.salt?.iodised ?? false),
    ],
  }))

/**
 * Tanks that are fed from the fridge, which spoils, or from the freezer. Where a harvest stands in this round the fridge still goes first,
 * the harvest brings the rest, and the freezer stays shut.
 */
function feedStops(state: RoomState, plan: HatchPlan, current: RoundOccurrence): FeedStop[] {
  const harvest = plan.pulls.some(p => p.round.key === current.key)
  const usable = state.stores.filter(s => (s.useBy === null ? !harvest : toMs(s.useBy) >= toMs(state.now))).map(s => ({ ...s, left: s.nauplii }))
  usable.sort((a, b) => (a.form === b.form ? toMs(a.storedAt) - toMs(b.storedAt) : a.form === 'fridge' ? -1 : 1))
  const stops: FeedStop[] = []
  for (const meal of plan.meals.filter(m => m.round.key === current.key)) {
    const store = usable.find(s => s.left >= 1)
    if (!store) continue
    // Tired nauplii feed less: more of them make the same meal.
    const want = meal.nauplii / store.energy
    const nauplii = Math.min(want, store.left)
    store.left -= nauplii
    const ml = store.naupliiPerMl ? nauplii / store.naupliiPerMl : null
    const cubes = store.naupliiPerCube ? nauplii / store.naupliiPerCube : null
    stops.push({
      type: 'feed', key: `feed:${meal.tank.id}:${current.key}`, placeId: meal.tank.placeId, meal, store, nauplii, share: nauplii / want, harvestFollows: harvest, cautions: [],
      ml, cubes,
      why: portionWhy(meal, {
        density: store.naupliiPerMl ?? store.naupliiPerCube!, unit: store.naupliiPerMl ? 'mL' : 'cubes', energy: store.energy,
        energyFrom: store.form === 'fridge' ? 'hours at 4 °C' : 'as frozen', left: store.nauplii, share: nauplii / want,
      }),
    })
  }
  return stops
}

/** Acts of the current round that can be undone, newest first. */
function doneActs(state: RoomState, current: RoundOccurrence): Round['done'] {
  const since = toMs(current.at) - 6 * 3_600_000
  const acts = new Map<string, Entry[]>()
  for (const e of state.entries) {
    if (toMs(e.at) < Math.min(since, toMs(state.now) - 6 * 3_600_000) || e.answers === null) continue
    acts.set(e.act, [...(acts.get(e.act) ?? []), e])
  }
  return [...acts].map(([act, entries]) => ({ act, entries })).reverse()
}

/** How many of the last three days' rounds passed without any entry while fry were to be fed. */
function missed(state: RoomState, all: readonly RoundOccurrence[], current: RoundOccurrence): number {
  const fed = new Set(ofKind(state.entries, 'tank.fed').map(e => e.data.roundKey))
  const began = state.entries[0]?.at
  if (!began || state.broods.length === 0) return 0
  let count = 0
  for (const round of all.slice(0, all.indexOf(current)).reverse()) {
    if (hoursBetween(round.at, state.now) > 72 || toMs(round.at) < toMs(began) || fed.has(round.key)) break
    if (!state.broods.some(b => b.freeSwimmingOn <= round.date)) break
    count++
  }
  return count
}
