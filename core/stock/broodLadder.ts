import { EDIBLES, sizedAs } from '../fry/edibles'
import { fryOnDay } from '../fry/fryCourse'
import { ladder, type LadderBrood, type LadderDay } from '../fry/ladder'
import { allowedFoods, type Wishes } from '../fry/wishes'
import type { Room } from '../records/records'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'
import type { BroodState } from './broodState'
import { steadyC, temperatureOn } from './tankTemperature'

/** Meals a day that a room gives. */
export const mealsGiven = (room: Room) => room.rounds.length

/** Wishes as they stand today: a food that was refused of late rests. */
export function wishesNow(state: BroodState): Wishes {
  const { wishes } = state.brood
  return { ...wishes, forbidden: [...wishes.forbidden, ...state.weaning.waiting] }
}

/** Wishes as they will stand on a day: what was refused of late is tried again. */
export const wishesOn = (state: BroodState, date: LocalDate): Wishes =>
  date < (state.weaning.waitsUntil ?? '') ? wishesNow(state) : state.brood.wishes

/** A brood as the ladder sees it; null for an unknown fish or tank. */
export function ladderBrood(state: BroodState, room: Room): LadderBrood | null {
  if (!state.species || !state.tank) return null
  const steady = steadyC(state.water)
  return {
    species: state.species,
    growthFactor: state.growth.factor,
    gapeFactor: state.gape.factor,
    temperatureC: day => steady ?? temperatureOn(state.water, addDays(state.freeOn, day)),
    fry: day => fryOnDay(state.numbers, day),
    tankL: state.tank.litres,
    mealsPerDay: mealsGiven(room),
    wishes: wishesNow(state),
  }
}

const foodsUnder = (wishes: Wishes, state: BroodState, room: Room) => {
  const allowed = new Set(allowedFoods(room.foods, wishes))
  return EDIBLES.filter(e => allowed.has(e.id)).map(e => sizedAs(e, state.preySize))
}

/** Foods a brood may be given in this room today. */
export const foodsFor = (state: BroodState, room: Room) => foodsUnder(wishesNow(state), state, room)

/** The same in the days to come: one that was refused of late is tried again. */
export const foodsInTime = (state: BroodState, room: Room) =>
  foodsUnder(state.brood.wishes, state, room)

/** Days from today on that rounds ask for again and again: worked out once for a state. */
const WINDOW_DAYS = 8
const windows = new WeakMap<BroodState, { room: Room; from: number; days: LadderDay[] }>()

/** Ladder of a brood with the foods of the room, from a day after free swimming on. Empty for an unknown fish or tank. */
export function broodLadder(
  state: BroodState,
  room: Room,
  from: number,
  days: number,
): LadderDay[] {
  const first = Math.max(0, from)
  const base = Math.max(0, state.day)
  if (first < base || first + days > base + WINDOW_DAYS) return work(state, room, first, days)
  let window = windows.get(state)
  if (window?.room !== room) {
    window = { room, from: base, days: work(state, room, base, WINDOW_DAYS) }
    windows.set(state, window)
  }
  return window.days.slice(first - window.from, first - window.from + days)
}

/** Days after free swimming from which a food that was refused is tried again; none waits: 0. */
const triedAgainOn = ({ weaning, freeOn }: BroodState): number =>
  weaning.waitsUntil === null ? 0 : Math.max(0, daysBetween(freeOn, weaning.waitsUntil))

function work(state: BroodState, room: Room, from: number, days: number): LadderDay[] {
  const brood = ladderBrood(state, room)
  if (!brood) return []
  const again = triedAgainOn(state)
  const resting = Math.max(0, Math.min(days, again - from))
  const before = resting > 0 ? ladder(brood, foodsFor(state, room), from, resting) : []
  if (resting === days) return before
  const after = { ...brood, wishes: state.brood.wishes }
  return [...before, ...ladder(after, foodsInTime(state, room), from + resting, days - resting)]
}
