import { FIRST_PULL_D } from '../dynamics/hatch/handling'
import { buyingOf, canBuyIn, STORE_LEAD_D } from '../foods/buying'
import { foodOf } from '../foods/index'
import { NAUPLII } from '../foods/hatchProfile'
import type { Food } from '../foods/contract'
import { EDIBLES } from '../fry/edibles'
import { closers } from '../fry/ladderReading'
import { allowedFoods } from '../fry/wishes'
import { broodLadder, wishesOn } from '../stock/broodLadder'
import type { BroodState } from '../stock/broodState'
import { GEL_ID } from '../stock/gelNeed'
import { onTheWay, orders } from '../stock/orders'
import type { RoomState } from '../stock/roomState'
import { compare } from '../math/compare'
import { startsLeft, startStates } from './plan/keptPlan'
import { coursesOf, reliabilityOf } from './plan/startables'
import { kindsHere } from './reckoning/kindsHere'

/** How a first food is come by: what hatches is set up, what comes by itself is started, all else is ordered. */
export interface FirstFoodWay {
  kind: 'hatch' | 'start' | 'starter' | 'buy'
  foodId: string
  /** Days from today until it can be fed, in the middle of what may be. */
  days: number
}

/** A brood that will eat, and for which nothing that fits stands, grows, is ordered or planned. */
export interface Unprovided {
  brood: BroodState
  /** Days until it swims free. */
  inDays: number
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
  if (!brood.species || !day) return []
  const allowed = new Set(
    allowedFoods(
      EDIBLES.map(e => e.id),
      wishesOn(brood, brood.freeOn),
    ),
  )
  // Gel is cooked for fish that are grown on; nobody begins with it.
  const foods = EDIBLES.filter(e => allowed.has(e.id) && e.id !== GEL_ID)
  return closers(day, brood.species, foods)
}

function wayToGrow(state: RoomState, food: Food): FirstFoodWay[] {
  const { id, family } = food.profile
  if (family === 'hatch') {
    const cysts = state.lots.some(l => l.state.gramsLeft > 0) ? 0 : STORE_LEAD_D
    return [{ kind: 'hatch', foodId: id, days: cysts + FIRST_PULL_D }]
  }
  if (!canBuyIn(food, Number(state.today.slice(5, 7)))) return []
  const method = food.methods[0]!
  const starter = method.starterShare > 0
  const { leadDays } = starter ? buyingOf(food) : { leadDays: 0 }
  const middleC = (food.rangeC[0] + food.rangeC[1]) / 2
  const courses = coursesOf(food, method, method.vessel.volumeL, middleC, COURSE_D)
  const { readyDays } = reliabilityOf(state, food, method, courses)
  if (!Number.isFinite(readyDays)) return []
  const kind = starter ? 'starter' : 'start'
  return [{ kind, foodId: id, days: Math.ceil(leadDays + readyDays) }]
}

function waysTo(state: RoomState, fits: readonly string[], inDays: number): FirstFoodWay[] {
  const ways = fits.slice(0, WEIGHED).flatMap(id => {
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

/** What is on its way, or will be started as the plan that is kept has it. */
function coming(state: RoomState): string[] {
  const starts = startsLeft(startStates(state.entries, state.cultureStates), state.today)
  const ordered = onTheWay(orders(state.entries), state.today)
  return [
    ...starts.map(s => s.food),
    ...ordered.flatMap(o => (o.what === 'cysts' ? [NAUPLII] : (o.foodId ?? []))),
  ]
}

const known = new WeakMap<RoomState, Unprovided[]>()

/** Broods that swim free within two weeks and have nothing to begin with; worked out once for a state. */
export function unprovided(state: RoomState): Unprovided[] {
  const found = known.get(state) ?? findUnprovided(state)
  known.set(state, found)
  return found
}

function findUnprovided(state: RoomState): Unprovided[] {
  const here = new Set([...kindsHere(state), ...coming(state)])
  return state.broods.flatMap((brood): Unprovided[] => {
    const inDays = -brood.day
    if (!brood.tank || inDays <= 0 || inDays > LOOKED_AHEAD_D) return []
    const fits = fitting(state, brood)
    if (fits.length === 0 || fits.some(id => here.has(id))) return []
    return [{ brood, inDays, ways: waysTo(state, fits, inDays) }]
  })
}
