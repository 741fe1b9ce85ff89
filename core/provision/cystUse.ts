import { NAUPLII } from '../foods/hatchProfile'
import { planDemand } from '../planning/plan/demand'
import { hatchingOf } from '../planning/plan/hatching'
import { leastCysts } from '../planning/hatchMargin'
import { MOST_CYSTS_GL } from '../planning/hatchWay'
import type { RoomState } from '../stock/roomState'
import { addDays, daysBetween, hoursBetween, localDateOf, type LocalDate } from '../time/localDate'
import type { UseDoubt } from './useDoubt'

/** Days behind that speak of how what is used compares with what is planned. */
export const BEHIND_D = 28
/** Bottles a day where none has been started yet: one in two days. */
const USUAL_A_DAY = 0.5
/** One hatch on the first day is not a rate, days. */
const LEAST_SEEN_D = 3
/** Past use may say so much at most: a room is not wholly unlike its plan. */
const RATIO = { least: 0.05, most: 2.5 } as const
/** What is planned counts as much as three days that came true, against the four weeks behind. */
const PLAN_WEIGHT = 0.1

/**
 * What was used against what would have been planned, shrunk to 1 as if the plan had come true for three days already.
 * @param used,planned of the same days
 */
export function usedToPlanned(used: number, planned: number): number {
  if (planned <= 0) return 1
  const ratio = (used + PLAN_WEIGHT * planned) / ((1 + PLAN_WEIGHT) * planned)
  return Math.min(RATIO.most, Math.max(RATIO.least, ratio))
}

/** Nauplii that broods want day by day, full yolk. */
function naupliiWanted(state: RoomState, from: string, days: number): number[] {
  const byDay = new Array<number>(days).fill(0)
  for (const b of planDemand(state, from, days)) {
    const nauplii = b.foods.find(f => f.food === NAUPLII)
    if (nauplii && b.day >= 0 && b.day < days)
      byDay[b.day]! += nauplii.organisms * nauplii.preferred
  }
  return byDay
}

/** The first of the days behind: today is one of them once something was hatched on it. */
function behindFrom(state: RoomState): LocalDate {
  const isToday = state.hatches.some(
    h => localDateOf(h.startedAt, state.room.timeZone) === state.today,
  )
  return addDays(state.today, (isToday ? 1 : 0) - BEHIND_D)
}

/** Cysts that hatches took in the days behind, g by day. */
function cystsBehind(state: RoomState): number[] {
  const from = behindFrom(state)
  const byDay = new Array<number>(BEHIND_D).fill(0)
  for (const h of state.hatches) {
    const day = daysBetween(from, localDateOf(h.startedAt, state.room.timeZone))
    if (day >= 0 && day < BEHIND_D) byDay[day]! += h.setup.cystsG
  }
  return byDay
}

/** Cysts that will be hatched, g by day: what mouths want by the ladder, corrected by how this room has done so far. */
export function cystUse(state: RoomState, days: number): number[] {
  const hatching = hatchingOf(state, days)
  const gramsEach = hatching?.gramsEach ?? 0
  if (gramsEach <= 0) return new Array<number>(days).fill(0)
  const used = cystsBehind(state)
  const least = leastADay(state)
  const grams = (wanted: readonly number[]) =>
    wanted.map(n => (n > 0 ? Math.max(n * gramsEach, least) : 0))
  const began = used.findIndex(g => g > 0)
  // A room that has hatched for a week alone is judged by that week.
  const planned = grams(naupliiWanted(state, behindFrom(state), BEHIND_D))
  const plannedG = began < 0 ? 0 : planned.slice(began).reduce((a, b) => a + b, 0)
  const usedG = used.reduce((a, b) => a + b, 0)
  const factor = usedToPlanned(usedG, plannedG)
  // What no mouth of the plan explains (grown fish, a neighbour) goes on as it was.
  const more = began < 0 ? 0 : Math.max(0, usedG - RATIO.most * plannedG)
  const moreADay = more / Math.max(LEAST_SEEN_D, BEHIND_D - began)
  return grams(naupliiWanted(state, state.today, days)).map(g => g * factor + moreADay)
}

const hatchesOfLate = (state: RoomState) =>
  state.hatches.filter(h => hoursBetween(h.startedAt, state.now) <= BEHIND_D * 24)

/** How well it is known what hatches will take of cysts: as often as of late, and as much each time. */
export function cystDoubt(state: RoomState): UseDoubt {
  const late = hatchesOfLate(state)
  const sum = late.reduce((g, h) => g + h.setup.cystsG, 0)
  return { times: late.length, each: sum / Math.max(1, late.length) }
}

/** Hatches that are begun on a day, as of late. */
function bottlesADay(state: RoomState): number {
  const late = hatchesOfLate(state)
  const began = late[0] ? hoursBetween(late[0].startedAt, state.now) / 24 : 0
  return late.length ? late.length / Math.max(LEAST_SEEN_D, began) : USUAL_A_DAY
}

/** What few mouths take all the same, g a day: nobody starts a bottle with less than it is worth. */
const leastADay = (state: RoomState): number => leastCysts(bottle(state)) * bottlesADay(state)

/** Salt and soda that hatches will take, g by day. */
export interface HatchWater {
  saltG: number[]
  sodaG: number[]
}

/**
 * Salt and soda of the hatches to come: they go by the bottle, not by the cysts in it. As many bottles a day as of late, more
 * where those could not hold the cysts.
 * @param cysts g by day
 */
export function hatchWater(state: RoomState, cysts: readonly number[]): HatchWater {
  const late = hatchesOfLate(state)
  const litres = late.reduce((l, h) => l + h.setup.waterL, 0) || bottle(state)
  const bottles = Math.max(1, late.length)
  const meanL = litres / bottles
  const saltG = late.length
    ? late.reduce((g, h) => g + h.setup.saltG, 0) / bottles
    : meanL * state.room.hatchSaltGL
  const sodaG = late.reduce((g, h) => g + h.setup.sodaG, 0) / bottles
  const aDay = bottlesADay(state)
  const of = (g: number) => (each: number) =>
    g === 0 ? 0 : Math.max(aDay, g / (MOST_CYSTS_GL * meanL)) * each
  return { saltG: cysts.map(g => of(g)(saltG)), sodaG: cysts.map(g => of(g)(sodaG)) }
}
/** Water of one bottle, L. */
const bottle = (state: RoomState): number => state.hatchVessels[0]?.litres ?? 2
