import { foodOf } from '../foods/index'
import type { LadderDay } from '../fry/ladder'
import { broodLadder } from '../stock/broodLadder'
import type { BroodState } from '../stock/broodState'
import type { RoomState } from '../stock/roomState'
import { servedIn, unprovided, wayToGrow, type FirstFoodWay } from './firstFood'
import type { Readings } from './reckoning/sourcesAt'

/** A brood that goes over to a living food which the room keeps, and of which nothing stands here. */
export interface GoesOver {
  brood: BroodState
  foodId: string
  /** Days until it would be on its table. */
  inDays: number
  /** How it is come by; with nothing in hand it is begun today. */
  way: FirstFoodWay
}

/** So far a brood's table is looked at; what takes longer is said by the plan. */
const LOOKED_AHEAD_D = 8
/** From this share of a day on a food carries the brood (working estimate). */
const CARRIES_FROM = 0.4
/** What suits less only carries it over. */
const SUITS_WELL = 0.5
/** Nobody is asked sooner than so many days before it has to be begun. */
const SOONEST_D = 3

/** Whether something that stands here, or comes, suits a brood well enough on a day. */
const isWellFed = (d: LadderDay, served: ReadonlyMap<string, number>) =>
  Object.entries(d.suitability).some(([id, s]) => s.value >= SUITS_WELL && served.has(id))

function goesOver(
  state: RoomState,
  brood: BroodState,
  served: ReadonlyMap<string, number>,
): GoesOver | null {
  const from = Math.max(0, brood.day)
  // What comes late comes: its tank says what it lacks until then.
  const lacks = (id: string) => foodOf(id) !== null && !served.has(id)
  for (const d of broodLadder(brood, state.room, from, LOOKED_AHEAD_D)) {
    const next = Object.keys(d.share).find(id => d.share[id]! >= CARRIES_FROM && lacks(id))
    if (next === undefined || isWellFed(d, served)) continue
    const inDays = d.day - brood.day
    const [way] = wayToGrow(state, foodOf(next)!)
    // Of its first day it is asked as a first food.
    const isFirst = d.day === 0
    if (!way || isFirst || inDays <= 0 || inDays - way.days > SOONEST_D) return null
    return { brood, foodId: next, inDays, way }
  }
  return null
}

/**
 * Broods whose table changes within days to a food that is kept here and that nothing here will give,
 * and that nothing else here feeds well.
 */
export function goingOver(state: RoomState, readings: Readings): GoesOver[] {
  const first = new Set(unprovided(state, readings).map(u => u.brood.id))
  const broods = state.broods.filter(b => b.tank && !first.has(b.id))
  if (broods.length === 0) return []
  const served = servedIn(state, readings)
  const all = broods.flatMap(b => goesOver(state, b, served) ?? [])
  // Got once it is there for all: the first that wants it asks.
  const soonest = all.sort((a, b) => a.inDays - b.inDays)
  return soonest.filter((g, i) => soonest.findIndex(x => x.foodId === g.foodId) === i)
}
