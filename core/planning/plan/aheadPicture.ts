import { foodOf } from '../../foods/index'
import type { CultureReading } from '../../estimation/readCulture'
import { running } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, hoursBetween, type LocalDate } from '../../time/localDate'
import type { CulturePlan } from './planRoom'
import type { StartLine } from './request'
import { startOrder, type StartOrder } from './startOrder'
import { servesDays } from './startables'

/** Days are counted from the first of the picture; `to` is the day after the last. */
export interface Band {
  food: string
  from: number
  to: number
  row: number
}
/** A brood over the days: when it swims free, what it eats most of, and where it goes short. */
export interface Mouth {
  brood: string
  /** Expected, with its early edge; null where it swims already. */
  free: { early: number; day: number } | null
  bands: Band[]
  gaps: { from: number; to: number }[]
}
/** A vessel, or several alike: from its start, ready, until it is renewed. */
export interface Bar {
  id: string
  name: string
  kind: 'stands' | 'kept' | 'proposed'
  from: number
  ready: number
  to: number
  vessels: number
  row: number
  /** Of a start, where its starter is ordered or comes. */
  order: { state: StartOrder['state']; day: number } | null
}
export interface Lane {
  food: string
  bars: Bar[]
  rows: number
  wanted: number[]
  supply: { p10: number[]; p50: number[]; p90: number[] }
}
export interface AheadPicture {
  days: number
  mouths: Mouth[]
  lanes: Lane[]
}

/** A start as it is held: kept or proposed, perhaps moved by hand. */
export interface HeldStart extends StartLine {
  id: string
  kept: boolean
  readyDays: number
  orderBy: LocalDate | null
}

/** What is eaten of from this share of a day's ration on is drawn, two foods at most. */
const DRAWN_FROM = 0.15
const MOST_FOODS = 2
/** A food that is left for so few days is not left. */
const SPAN_OVER_D = 3
/** Days that a handle covers to the left of its bar. */
const HANDLE_D = 3

/** Runs of days, those that lie near each other joined. */
function runsOf(days: readonly number[]): { from: number; to: number }[] {
  const runs: { from: number; to: number }[] = []
  for (const day of [...days].sort((a, b) => a - b)) {
    const last = runs.at(-1)
    if (last && day - last.to <= SPAN_OVER_D) last.to = day + 1
    else runs.push({ from: day, to: day + 1 })
  }
  return runs
}

/**
 * Puts each in the first row that is free from its left edge on.
 * @param before days that it takes to the left of it
 */
function inRows<T extends { from: number; to: number }>(
  list: readonly T[],
  most = Infinity,
  before: (of: T) => number = () => 0,
): (T & { row: number })[] {
  const ends: number[] = []
  return [...list]
    .sort((a, b) => a.from - b.from || a.to - b.to)
    .map(x => {
      let row = ends.findIndex(end => end <= x.from - before(x))
      if (row < 0) row = ends.length < most ? ends.length : ends.indexOf(Math.min(...ends))
      ends[row] = x.to
      return { ...x, row }
    })
}

/** What a brood takes on each day, by food. */
type TakenByDay = Map<number, { food: string; share: number }[]>

/** What each brood takes, in one pass: a room of many broods takes thousands of times. */
function takenByBrood({ from, takes }: CulturePlan, days: number): Map<string, TakenByDay> {
  const broods = new Map<string, TakenByDay>()
  const dayOf = new Map<LocalDate, number>()
  for (const t of takes) {
    const day = dayOf.get(t.day) ?? daysBetween(from, t.day)
    dayOf.set(t.day, day)
    if (day < 0 || day >= days) continue
    const byDay: TakenByDay = broods.get(t.brood) ?? new Map()
    broods.set(t.brood, byDay)
    const list = byDay.get(day) ?? []
    byDay.set(day, list)
    const same = list.find(x => x.food === t.food)
    if (same) same.share += t.share
    else list.push({ food: t.food, share: t.share })
  }
  return broods
}

function mouthsOf(plan: CulturePlan, state: RoomState, days: number): Mouth[] {
  const taken = takenByBrood(plan, days)
  return state.broods.flatMap((b): Mouth[] => {
    const byDay: TakenByDay = taken.get(b.id) ?? new Map()
    const byFood = new Map<string, number[]>()
    for (const [day, foods] of byDay)
      for (const f of foods
        .filter(x => x.share >= DRAWN_FROM)
        .sort((x, y) => y.share - x.share)
        .slice(0, MOST_FOODS))
        byFood.set(f.food, [...(byFood.get(f.food) ?? []), day])
    const bands = [...byFood].flatMap(([food, on]) => runsOf(on).map(run => ({ food, ...run })))
    const gaps = plan.gaps
      .filter(g => g.brood === b.id)
      .map(g => ({ from: daysBetween(plan.from, g.from), to: daysBetween(plan.from, g.to) + 1 }))
      .filter(g => g.from < days)
    const day = daysBetween(plan.from, b.freeOn)
    const free = day > 0 ? { early: Math.max(0, day - b.dates.free.spreadDays), day } : null
    if (bands.length + gaps.length === 0 && (free === null || free.day >= days)) return []
    return [{ brood: b.id, free, bands: inRows(bands, MOST_FOODS), gaps }]
  })
}

/** Vessels that stand; those that give over the same days are one bar. */
function standingBars(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  days: number,
): Map<string, Omit<Bar, 'row'>[]> {
  const found = new Map<string, Omit<Bar, 'row'>[]>()
  for (const c of running(state.cultureStates)) {
    const food = foodOf(c.record.foodId)
    const reading = readings.get(c.id)
    if (!food || !reading || c.quarantine) continue
    const method = food.methods.find(m => m.id === c.record.methodId) ?? food.methods[0]!
    const age = hoursBetween(c.startedAt, state.now) / 24
    const inDays = reading.estimate.readyH ? reading.estimate.readyH.p50 / 24 - age : days
    const ready = Math.min(days, Math.max(0, Math.round(inDays)))
    const to = Math.max(ready, servesDays(c, method.renewAfterDays, state.now))
    const list = found.get(c.record.foodId) ?? []
    const same = list.find(x => x.ready === ready && x.to === to)
    if (same) {
      same.vessels++
      same.name += `, ${c.record.name}`
    } else
      list.push({
        id: c.id,
        name: c.record.name,
        kind: 'stands',
        from: 0,
        ready,
        to,
        vessels: 1,
        order: null,
      })
    found.set(c.record.foodId, list)
  }
  return found
}

function startBar(s: HeldStart, plan: CulturePlan, state: RoomState): Omit<Bar, 'row'> {
  const from = daysBetween(plan.from, s.on)
  const order = startOrder(state, s)
  const food = foodOf(s.food)
  const stands = food?.methods.find(m => m.id === s.method)?.renewAfterDays ?? s.readyDays
  return {
    id: s.id,
    name: '',
    kind: s.kept ? 'kept' : 'proposed',
    from,
    ready: from + Math.round(s.readyDays),
    to: from + Math.round(stands),
    vessels: s.vessels,
    order: order && { state: order.state, day: daysBetween(plan.from, order.on) },
  }
}

/** A handle, or the order that stands before it, wants room to the left of its bar. */
const leftOf = (b: Pick<Bar, 'from' | 'order'>): number =>
  Math.max(HANDLE_D, b.order ? b.from - b.order.day + 1 : 0)

/**
 * A plan as one picture on one axis of days: eaters, and under them a lane for each food line with its vessels, need and supply.
 * @param starts kept and proposed ones, as the hand holds them @param days that are shown
 */
export function aheadPicture(
  plan: CulturePlan,
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  starts: readonly HeldStart[],
  days: number,
): AheadPicture {
  const standing = standingBars(state, readings, days)
  const started = starts.filter(s => daysBetween(plan.from, s.on) < days)
  const curves = new Map(plan.curves.map(c => [c.food, c]))
  const eaten = (food: string) =>
    curves
      .get(food)
      ?.taken.slice(0, days)
      .filter(x => x > 0).length
  const foods = [...new Set([...curves.keys(), ...standing.keys(), ...started.map(s => s.food)])]
  const none = () => new Array<number>(days).fill(0)
  const lanes = foods.map((food): Lane => {
    const mine = started.filter(s => s.food === food).map(s => startBar(s, plan, state))
    const bars = inRows([...(standing.get(food) ?? []), ...mine], Infinity, leftOf)
    const curve = curves.get(food)
    return {
      food,
      bars,
      rows: bars.reduce((n, b) => Math.max(n, b.row + 1), 0),
      wanted: curve?.wanted.slice(0, days) ?? none(),
      supply: {
        p10: curve?.supply.p10.slice(0, days) ?? none(),
        p50: curve?.supply.p50.slice(0, days) ?? none(),
        p90: curve?.supply.p90.slice(0, days) ?? none(),
      },
    }
  })
  return {
    days,
    mouths: mouthsOf(plan, state, days),
    lanes: lanes
      .filter(l => l.bars.length > 0 || (eaten(l.food) ?? 0) > 0)
      .sort((a, b) => (eaten(b.food) ?? 0) - (eaten(a.food) ?? 0)),
  }
}
