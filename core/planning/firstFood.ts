import { FIRST_PULL_D } from '../dynamics/hatch/handling'
import { buyingOf, canBuyIn, STORE_LEAD_D } from '../foods/buying'
import { foodOf } from '../foods/index'
import { NAUPLII } from '../foods/hatchProfile'
import type { Food } from '../foods/contract'
import { EDIBLES } from '../fry/edibles'
import type { LadderDay } from '../fry/ladder'
import { closers } from '../fry/ladderReading'
import { allowedFoods } from '../fry/wishes'
import { broodLadder, wishesOn } from '../stock/broodLadder'
import type { BroodState } from '../stock/broodState'
import { GEL_ID } from '../stock/gelNeed'
import { running, type CultureState } from '../stock/cultures'
import { onTheWay, orders, type Order } from '../stock/orders'
import type { RoomState } from '../stock/roomState'
import { lotInUse } from '../stock/lotInUse'
import { addHours, daysBetween, localDateOf, type LocalDate } from '../time/localDate'
import { compare } from '../math/compare'
import { startsLeft, startStates } from './plan/keptPlan'
import { coursesOf, reliabilityOf, usualStand } from './plan/startables'
import type { Readings } from './reckoning/sourcesAt'

/** How a first food is come by: what hatches is set up, what comes by itself is started, all else is ordered. */
export interface FirstFoodWay {
  kind: 'hatch' | 'start' | 'starter' | 'buy'
  foodId: string
  /** Days from today until it can be fed, in the middle of what may be. */
  days: number
}

/** A brood that will eat, and for which nothing that fits stands, grows, is ordered or planned for its day. */
export interface Unprovided {
  brood: BroodState
  /** Days until it swims free. */
  inDays: number
  /** What fits and comes too late, and days until it can be fed; null where nothing comes. */
  late: { foodId: string; days: number } | null
  /** The best first: those that are in time before those that are late. */
  ways: FirstFoodWay[]
}

/** Sooner than this before the first meal nothing has to be done for it (working estimate). */
const LOOKED_AHEAD_D = 14
/** Courses are looked at so far. */
const COURSE_D = 40
/** Of all that would fit, the best are weighed against each other. */
const WEIGHED = 8
const MOST_WAYS = 3

/** Foods that fit the first mouth of a brood and that it may be given, the best first. */
function fitting(state: RoomState, brood: BroodState): string[] {
  const day = broodLadder(brood, state.room, 0, 1)[0]
  return day ? fittingOn(brood, day, brood.freeOn) : []
}

/** Foods that fit the mouth of a brood on a day and that it may be given, the best first. */
function fittingOn(brood: BroodState, day: LadderDay, on: LocalDate): string[] {
  if (!brood.species) return []
  const allowed = new Set(
    allowedFoods(
      EDIBLES.map(e => e.id),
      wishesOn(brood, on),
    ),
  )
  // Gel is cooked for fish that are grown on; nobody begins with it.
  const foods = EDIBLES.filter(e => allowed.has(e.id) && e.id !== GEL_ID)
  return closers(day, brood.species, foods)
}

/** How a food that grows or hatches is come by, and days until it can be fed; nothing where it cannot. */
export function wayToGrow(state: RoomState, food: Food): FirstFoodWay[] {
  const { id, family } = food.profile
  if (family === 'hatch') {
    const cysts = state.lots.some(l => l.state.gramsLeft > 0) ? 0 : STORE_LEAD_D
    return [{ kind: 'hatch', foodId: id, days: cysts + FIRST_PULL_D }]
  }
  if (!canBuyIn(food, Number(state.today.slice(5, 7)))) return []
  const method = food.methods[0]!
  // Who has a line of it starts the next from that.
  const hasLine = running(state.cultureStates).some(c => c.record.foodId === id && !c.quarantine)
  const starter = method.starterShare > 0 && !hasLine
  const { leadDays } = starter ? buyingOf(food) : { leadDays: 0 }
  const courses = coursesOf(state, food, method, usualStand(food, method), COURSE_D)
  const { readyDays } = reliabilityOf(state, food, method, courses)
  if (!Number.isFinite(readyDays)) return []
  const kind = starter ? 'starter' : 'start'
  return [{ kind, foodId: id, days: Math.ceil(leadDays + readyDays) }]
}

function waysTo(state: RoomState, fits: readonly string[], inDays: number): FirstFoodWay[] {
  // What is bought needs no weighing, and comes the soonest.
  const weighed = fits.filter((id, rank) => rank < WEIGHED || !foodOf(id))
  const ways = weighed.flatMap(id => {
    const food = foodOf(id)
    if (food) return wayToGrow(state, food)
    return [{ kind: 'buy' as const, foodId: id, days: STORE_LEAD_D }]
  })
  const late = (w: FirstFoodWay) => Math.max(0, w.days - inDays)
  return ways
    .map((w, rank) => ({ w, rank }))
    .sort((a, b) => late(a.w) - late(b.w) || compare(a.rank, b.rank))
    .slice(0, MOST_WAYS)
    .map(({ w }) => w)
}

/** From this chance on that a vessel goes wrong nobody counts on it for a first meal. */
const DOUBTFUL = 0.5

/** Days until a running vessel can be drawn from; null where nobody counts on it. What has not been read is taken to come in time. */
function cultureIn(state: RoomState, c: CultureState, readings: Readings): number | null {
  if (c.record.mother || c.quarantine) return null
  const estimate = readings.get(c.id)?.estimate
  if (!estimate) return 0
  const { readiness: r, readyH } = estimate
  if (r.failing + r.failed >= DOUBTFUL) return null
  if (r.ready + r.tiring > DOUBTFUL) return 0
  if (!readyH) return null
  const ready = localDateOf(addHours(c.startedAt, readyH.p50), state.room.timeZone)
  return Math.max(0, daysBetween(state.today, ready))
}

const growsIn = (state: RoomState, food: Food) => wayToGrow(state, food)[0]?.days ?? null

/** Days until what was ordered can be fed: cysts are hatched, a starter is grown first. */
function orderIn(state: RoomState, o: Order): { foodId: string; days: number } | null {
  const comes = Math.max(0, daysBetween(state.today, o.comesOn))
  if (o.what === 'cysts') return { foodId: NAUPLII, days: comes + FIRST_PULL_D }
  if (!o.foodId) return null
  const food = foodOf(o.foodId)
  if (!food) return { foodId: o.foodId, days: comes }
  const grows = growsIn(state, food)
  if (grows === null) return null
  return { foodId: o.foodId, days: comes + Math.max(0, grows - buyingOf(food).leadDays) }
}

/** Days until each food can be fed first, by what stands here, is on its way, or will be started as the plan that is kept has it. */
export function servedIn(state: RoomState, readings: Readings): Map<string, number> {
  const found = new Map<string, number>()
  const add = (foodId: string, days: number | null) => {
    if (days !== null) found.set(foodId, Math.min(days, found.get(foodId) ?? Infinity))
  }
  for (const s of state.stores) add(s.foodId, 0)
  for (const c of running(state.cultureStates))
    add(c.record.foodId, c.hatch ? 0 : cultureIn(state, c, readings))
  if (state.hatchVessels.length > 0 && lotInUse(state)) add(NAUPLII, FIRST_PULL_D)
  for (const s of startsLeft(startStates(state.entries, state.cultureStates), state.today))
    add(s.food, daysBetween(state.today, s.on) + Math.ceil(s.readyDays))
  for (const o of onTheWay(orders(state.entries), state.today)) {
    const served = orderIn(state, o)
    if (served) add(served.foodId, served.days)
  }
  return found
}

/** What stands, grows, is ordered or planned here and fits, the soonest first: food and days until it can be fed. */
const servedOf = (state: RoomState, readings: Readings, fits: readonly string[]) =>
  [...servedIn(state, readings)]
    .filter(([id]) => fits.includes(id))
    .sort((a, b) => a[1] - b[1])
    .map(([foodId, days]) => ({ foodId, days }))

/**
 * What could be fed the soonest to mouths that lack it now.
 * @param here foods that stand ready or hatch: what there is of them is too little or comes by itself
 */
export function waysNow(
  state: RoomState,
  readings: Readings,
  eating: readonly { brood: BroodState; day: LadderDay }[],
  here: ReadonlySet<string>,
): Pick<Unprovided, 'late' | 'ways'> {
  const all = eating.flatMap(e => fittingOn(e.brood, e.day, state.today))
  const fits = [...new Set(all)].filter(id => !here.has(id))
  // What was ordered for today is asked for at this round; what stands here today and is not ready tells no day.
  const coming = onTheWay(orders(state.entries), state.today).flatMap(o => orderIn(state, o) ?? [])
  const today = coming.find(s => s.days === 0 && fits.includes(s.foodId))
  const late = today ?? servedOf(state, readings, fits).find(s => s.days > 0) ?? null
  const ways = waysTo(state, fits, 0).filter(w => !late || w.days < late.days)
  return { late, ways }
}

const known = new WeakMap<RoomState, { readings: Readings; found: Unprovided[] }>()

/** Broods that swim free within two weeks and have nothing to begin with on their day; worked out once for a state and its readings. */
export function unprovided(state: RoomState, readings: Readings = NOTHING_READ): Unprovided[] {
  const kept = known.get(state)
  if (kept?.readings === readings) return kept.found
  const found = findUnprovided(state, readings)
  known.set(state, { readings, found })
  return found
}
const NOTHING_READ: Readings = new Map()

function findUnprovided(state: RoomState, readings: Readings): Unprovided[] {
  return state.broods.flatMap((brood): Unprovided[] => {
    const inDays = -brood.day
    if (!brood.tank || inDays <= 0 || inDays > LOOKED_AHEAD_D) return []
    const fits = fitting(state, brood)
    const first = servedOf(state, readings, fits)[0] ?? null
    if (fits.length === 0 || (first && first.days <= inDays)) return []
    const all = waysTo(state, fits, inDays)
    const ways = first ? all.filter(w => w.days < first.days) : all
    // What comes late comes no sooner by anything else: its tank will say what it lacks.
    if (first && ways.length === 0) return []
    return [{ brood, inDays, late: first, ways }]
  })
}
