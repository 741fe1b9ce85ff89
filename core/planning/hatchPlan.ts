import { fullDensity } from '../dynamics/hatch/factors'
import { CHILLED_HOLD_H, SECOND_PULL_GAIN } from '../dynamics/hatch/handling'
import type { HatchVessel, RoomState } from '../stock/roomState'
import { lotInUse } from '../stock/lotInUse'
import { hoursBetween, toInstant, toMs, type Instant } from '../time/localDate'
import { fullRounds, type RoundOccurrence } from '../time/rounds'
import { allocate, type Batch, type Want } from './allocate'
import { HATCH_MARGIN, leastCysts } from './hatchMargin'
import { hatchOption, vesselModel, type HatchOption, type LotForPlan } from './hatchOption'
import { hatchWay, type HatchWay } from './hatchWay'
import { SPILL, type Meal } from './meals'
import { runsOfPulls } from './pullRounds'
import { plannedHatch, type PlannedHatch } from './plannedHatch'
import { rotationFor, type Rotation } from './rotation'
import { answersOf, type Answered } from './reckoning/answered'
import { expectedPulls, frozenBatches, liveBatches, type ExpectedPull } from './supply'

/** How many days of meals are looked at. */
export const HATCH_HORIZON_DAYS = 4
/** A pull that brings less than this of the full yolk is not worth a bottle: the meal is named as a gap instead. */
const LEAST_YIELD = 0.3
/** A meal that lacks less than this share of its need counts as covered. */
const ENOUGH = 0.05

export interface Gap {
  meal: Meal
  lacking: number
  share: number
  reason: 'too-late' | 'no-vessel' | 'no-lot' | 'put-off' | 'vessel-too-small'
}

export interface HatchPlan {
  /** In order of start. */
  hatches: PlannedHatch[]
  pulls: ExpectedPull[]
  meals: Meal[]
  gaps: Gap[]
  rotation: Rotation | null
}

/** No hatch takes longer from start to meal, h. */
const LONGEST_H = 120

/** All tanks of a round are one want: what it lacks, every tank lacks in the same share. */
const wantsOf = (meals: readonly Meal[]): Want[] => {
  const byRound = new Map<string, Want>()
  for (const m of meals) {
    const want = byRound.get(m.round.key) ?? { key: m.round.key, at: m.at, useful: 0 }
    byRound.set(m.round.key, { ...want, useful: want.useful + m.nauplii * (1 + SPILL) })
  }
  return [...byRound.values()]
}

/**
 * The next hatches: the first meal that nothing covers gets the start, pulls and vessel that take the fewest cysts,
 * with every later meal the same nauplii can still feed; then the next uncovered meal, until the horizon.
 * Starts and pulls fall on rounds; nauplii are held chilled up to a day.
 * @param rounds from the current round on, at least the horizon long
 * @param meals what is to be fed at them; by the ladders where nothing else is said
 */
export function hatchPlan(
  state: RoomState,
  rounds: readonly RoundOccurrence[],
  meals: Meal[],
): HatchPlan {
  const pulls = expectedPulls(state, rounds)
  const batches: Batch[] = liveBatches(state, pulls)
  const wants = wantsOf(meals)
  const wanted = new Map(wants.map(w => [w.key, w.useful]))
  const open = lotInUse(state)
  let lot: LotForPlan | null = open && {
    id: open.lot.id,
    name: open.lot.name,
    hatch: open.state.hatch,
    cystsPerG: open.lot.cystsPerG,
    speed: open.state.speed,
    spread: open.state.spread,
    gramsLeft: open.state.gramsLeft,
  }
  const way = hatchWay(state)
  const free = new Map(state.hatchVessels.map(v => [v.id, freeFrom(state, v, pulls)]))
  const putOff = new Set(
    rounds
      .filter(r => [...answersOf(state).values()].some(a => putsOffStart(a, r.key)))
      .map(r => r.key),
  )
  const hatches: PlannedHatch[] = []
  const short: { key: string; reason: Gap['reason'] }[] = []
  const given = new Set<string>()

  for (let guard = 0; guard < wants.length + state.hatchVessels.length; guard++) {
    const lacking = allocate(wants, batches)
    const isShort = (w: Want) =>
      lacking.get(w.key)! > ENOUGH * wanted.get(w.key)! && !given.has(w.key)
    const first = wants.find(isShort)
    if (!first) break
    const openWants = wants.filter(isShort).map(w => ({ ...w, useful: lacking.get(w.key)! }))
    const options =
      lot && lot.gramsLeft > 0.05
        ? optionsFor(state, rounds, first, openWants, lot, way, free, putOff)
        : []
    const best = options.reduce<Weighed | null>(
      (a, b) => (a === null || score(b) > score(a) + 1e-9 ? b : a),
      null,
    )
    if (!best || !lot) {
      given.add(first.key)
      short.push({ key: first.key, reason: whyNone(state, lot, rounds, first, putOff) })
      continue
    }
    const group = vesselsFor(
      best,
      lot,
      way,
      state.hatchVessels.filter(v => canStart(free, v, best.startAt)),
    )
    const from: LotForPlan = lot
    const planned = group.map(vessel => {
      const share = vessel.litres / group.reduce((l, v) => l + v.litres, 0)
      const fed = meals.filter(m => best.wants.some(w => w.key === m.round.key))
      return plannedHatch(
        state,
        { ...best, vessel, hatchable: best.hatchable * share },
        { lot: from, way, meals: fed, rounds, share },
      )
    })
    for (const hatch of planned) {
      hatches.push(hatch)
      lot = { ...lot, gramsLeft: Math.max(0, lot.gramsLeft - hatch.cystsG) }
      hatch.pulls.forEach((p, i) =>
        batches.push({
          id: `${hatch.key}:${i}`,
          at: p.at,
          useful: p.useful,
          holdH: CHILLED_HOLD_H,
        }),
      )
      free.set(hatch.vessel.id, best.pullsAt.at(-1)!)
    }
    // Whatever a full bottle still cannot cover is a gap, not a reason to try for ever.
    const after = allocate(wants, batches)
    for (const w of best.wants) {
      given.add(w.key)
      if (after.get(w.key)! > ENOUGH * wanted.get(w.key)!)
        short.push({ key: w.key, reason: 'vessel-too-small' })
    }
  }
  return {
    hatches: hatches.sort((a, b) => toMs(a.startAt) - toMs(b.startAt)),
    pulls,
    meals,
    gaps: gapsOf(short, meals, wants, [...batches, ...frozenBatches(state)]),
    rotation: rotationFor(state, hatches, lot, way),
  }
}

/** A start of a hatch that was put off at a round: none is proposed there again. */
const putsOffStart = (a: Answered, roundKey: string) =>
  a.roundKey === roundKey && a.how !== 'done' && a.key.startsWith('hatch:')

/** An option with what the least that is ever put into its vessel brings: below that no cysts are saved. */
interface Weighed extends HatchOption {
  least: number
  /** Yolk that is left in each at the first pull, 1 as hatched. */
  yolk: number
}

/** Where as many cysts are taken, whole yolk is worth so much more than none. */
const YOLK_WORTH = 0.05

/** Fewest cysts per fed nauplius, the fresher where these are as many; a second pull must earn its labour. */
function score(o: Weighed): number {
  const need = o.yieldShare * o.hatchable
  const fed = (need / Math.max(o.least, o.hatchable)) * (1 + YOLK_WORTH * o.yolk)
  return fed * (o.pullsAt.length > 1 ? 1 - SECOND_PULL_GAIN : 1)
}

/** Plans count from the last quarter of an hour, so that amounts do not creep with every minute. */
const quarterBefore = (now: Instant): Instant =>
  toInstant(Math.floor(toMs(now) / 900_000) * 900_000)

/** When a vessel can be filled again: now, or with the last pull of what runs in it. */
function freeFrom(
  state: RoomState,
  vessel: HatchVessel,
  pulls: readonly ExpectedPull[],
): Instant | null {
  const busy = state.hatches.filter(r => r.vesselId === vessel.id && r.endedAt === null)
  if (busy.length === 0) return quarterBefore(state.now)
  const last = pulls.filter(p => p.hatch.vesselId === vessel.id).at(-1)
  // A spent bottle is emptied at this round and is free then.
  return last ? last.round.at : quarterBefore(state.now)
}

const canStart = (free: Map<string, Instant | null>, vessel: HatchVessel, at: Instant) => {
  const from = free.get(vessel.id)
  // The vessel is cleaned within the round in which it was emptied.
  return from !== null && from !== undefined && toMs(from) <= toMs(at) + 60_000
}

function optionsFor(
  state: RoomState,
  rounds: readonly RoundOccurrence[],
  first: Want,
  wants: readonly Want[],
  lot: LotForPlan,
  way: HatchWay,
  free: Map<string, Instant | null>,
  putOff: ReadonlySet<string>,
): Weighed[] {
  const found: Weighed[] = []
  const soon = quarterBefore(state.now)
  const full = fullRounds(rounds).filter(r => Math.abs(hoursBetween(r.at, first.at)) <= LONGEST_H)
  for (const vessel of state.hatchVessels) {
    const model = vesselModel(vessel, lot, way)
    const least = (leastCysts(vessel.litres) * perGramIn(vessel, lot, way)) / HATCH_MARGIN
    for (const start of full) {
      if (putOff.has(start.key)) continue
      const startAt = start.at < soon ? soon : start.at
      if (!canStart(free, vessel, startAt)) continue
      full.forEach((pull, i) => {
        const ahead = hoursBetween(pull.at, first.at)
        if (toMs(pull.at) <= toMs(startAt) || ahead < -1e-6 || ahead >= CHILLED_HOLD_H) return
        const drawn = model.curve.pull(hoursBetween(startAt, pull.at), 0)
        const yolk = drawn.useful / Math.max(1e-9, drawn.hatchedFraction)
        for (const pullsAt of runsOfPulls(full.slice(i), way)) {
          const option = hatchOption(vessel, model, startAt, pullsAt, wants, way)
          if (
            option &&
            option.yieldShare >= LEAST_YIELD &&
            option.wants.some(w => w.key === first.key)
          )
            found.push({ ...option, least, yolk })
        }
      })
    }
  }
  return found
}

/** Nauplii of a gram that is not crowded. */
const perGramIn = (vessel: HatchVessel, lot: LotForPlan, way: HatchWay) =>
  vesselModel(vessel, lot, way, 1).nauplii

/** The vessel of the option, and more that are free and as warm when it alone would be crowded. */
function vesselsFor(
  option: HatchOption,
  lot: LotForPlan,
  way: HatchWay,
  free: readonly HatchVessel[],
): HatchVessel[] {
  const wantG = option.hatchable / perGramIn(option.vessel, lot, way)
  const group = [option.vessel]
  for (const vessel of free) {
    if (wantG <= group.reduce((g, v) => g + v.litres * fullDensity(v.litres), 0)) break
    if (
      !group.some(v => v.id === vessel.id) &&
      Math.abs(vessel.temperatureC - option.vessel.temperatureC) <= 1
    )
      group.push(vessel)
  }
  return group
}

function whyNone(
  state: RoomState,
  lot: LotForPlan | null,
  rounds: readonly RoundOccurrence[],
  first: Want,
  putOff: ReadonlySet<string>,
): Gap['reason'] {
  if (!lot || lot.gramsLeft <= 0.05) return 'no-lot'
  if (state.hatchVessels.length === 0) return 'no-vessel'
  if (putOff.has(rounds[0]!.key) && hoursBetween(state.now, first.at) > 12) return 'put-off'
  const soonest = Math.min(
    ...state.hatchVessels.map(v => vesselModel(v, lot, hatchWay(state)).curve.t50h ?? Infinity),
  )
  return hoursBetween(state.now, first.at) < soonest + 2 ? 'too-late' : 'no-vessel'
}

/** The meals that stay short when cubes from the freezer have stepped in for what no live hatch can reach. */
function gapsOf(
  short: readonly { key: string; reason: Gap['reason'] }[],
  meals: readonly Meal[],
  wants: readonly Want[],
  batches: readonly Batch[],
): Gap[] {
  const lacking = allocate(wants, batches)
  const wanted = new Map(wants.map(w => [w.key, w.useful]))
  return short.flatMap(({ key, reason }) => {
    const share = (lacking.get(key) ?? 0) / wanted.get(key)!
    return share > ENOUGH
      ? meals
          .filter(m => m.round.key === key)
          .map(meal => ({ meal, lacking: share * meal.nauplii * (1 + SPILL), share, reason }))
      : []
  })
}
