import type { CultureReading } from '../../estimation/readCulture'
import { NAUPLII } from '../../foods/hatchProfile'
import { foodOf } from '../../foods/index'
import { mealsGiven } from '../../stock/broodLadder'
import { running, type CultureState } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'
import { lotInUse } from '../../stock/lotInUse'
import { addHours, hoursBetween, toMs } from '../../time/localDate'
import { currentRound, roundsAround, type RoundOccurrence } from '../../time/rounds'
import { hatchPlan, type HatchPlan } from '../hatchPlan'
import { ladderDays } from '../ladderDays'
import { naupliiMeal, type Meal } from '../meals'
import { expectedPulls } from '../supply'
import { foodsInTurn, mealsBefore, mealsLogged, WORTH_A_MEAL } from './chooseFoods'
import type { Draw, MealGap } from './draw'
import { drawMeals } from './drawMeals'
import { WHOLE_ENOUGH } from './handAmount'
import { kindsHere } from './kindsHere'
import type { Source } from './source'
import { saidMeals } from './saidMeals'
import { isReady, sourcesAt, type Readings } from './sourcesAt'
import { feedUntil } from './feedUntil'
import { wantsAt, type Want, type WantedFood } from './want'

/** Days that are looked back on for the shares of the ladder, and ahead for hatches. */
const BACK_DAYS = 4
const AHEAD_DAYS = 6
export const AHEAD_H = 96

/** A food that the ladders want and that stands nowhere in the room. */
export interface LackingFood {
  foodId: string
  /** Tanks that would be given it today. */
  tanks: string[]
  /** Largest share of a day that anybody would eat of it. */
  share: number
}

/** What a coming round will hold for the tanks, as far as can be told. */
export interface ComingRound {
  round: RoundOccurrence
  meals: { tankId: string; foodId: string }[]
  /** Tanks for which nothing will stand ready. */
  without: string[]
}

/** The one reckoning of a round: who wants what, what stands here, what is drawn, and what must be started for the next days. */
export interface Reckoning {
  round: RoundOccurrence
  /** From the current round on. */
  rounds: RoundOccurrence[]
  wants: Want[]
  sources: Source[]
  draws: Draw[]
  gaps: MealGap[]
  lacking: LackingFood[]
  hatch: HatchPlan
  coming: ComingRound[]
}

/** Rounds around an instant, with the current one. */
export function roundsOf(state: RoomState): { all: RoundOccurrence[]; current: RoundOccurrence } {
  const { room, now } = state
  const all = roundsAround(now, room.rounds, room.timeZone, BACK_DAYS, AHEAD_DAYS)
  return { all, current: currentRound(now, all) }
}

function readyBy(
  c: CultureState,
  reading: CultureReading | undefined,
  round: RoundOccurrence,
): boolean {
  const food = foodOf(c.record.foodId)
  if (!reading || !food || c.record.mother || c.quarantine) return false
  if (isReady(c, food, reading)) return true
  const { readyH, readiness } = reading.estimate
  if (!readyH || readiness.failing + readiness.failed >= 0.5) return false
  return toMs(addHours(c.startedAt, readyH.p50)) <= toMs(round.at)
}

/** Whether a food will stand ready at a coming round, by what is known today. */
function standsBy(state: RoomState, readings: Readings, round: RoundOccurrence): Set<string> {
  const foods = new Set<string>()
  for (const s of state.stores) {
    const until = feedUntil(s)
    if (s.foodId !== NAUPLII && (until === null || toMs(until) >= toMs(round.at)))
      foods.add(s.foodId)
  }
  for (const c of running(state.cultureStates))
    if (readyBy(c, readings.get(c.id), round)) foods.add(c.record.foodId)
  const hatches = state.hatches.some(h => h.endedAt === null)
  const canHatch = state.hatchVessels.length > 0 && lotInUse(state) !== null
  if (hatches || canHatch || state.stores.some(s => s.foodId === NAUPLII)) foods.add(NAUPLII)
  return foods
}

/** Foods that the ladders want today and that neither stand here nor are on their way. */
function lackingFoods(wants: readonly Want[], here: ReadonlySet<string>): LackingFood[] {
  const found = new Map<string, LackingFood>()
  for (const want of wants) {
    for (const f of want.foods.values()) {
      const id = f.food.id
      if (f.share < WORTH_A_MEAL || f.food.lasting || here.has(id)) continue
      const lacking = found.get(id) ?? { foodId: id, tanks: [], share: 0 }
      lacking.tanks.push(want.tank.id)
      lacking.share = Math.max(lacking.share, f.share)
      found.set(id, lacking)
    }
  }
  return [...found.values()].sort((a, b) => b.share - a.share)
}

type Logged = ReturnType<typeof mealsLogged>

/** Meals of coming rounds by turn, each taken as given before the next is chosen. */
function comingMeals(
  state: RoomState,
  readings: Readings,
  rounds: readonly RoundOccurrence[],
  all: readonly RoundOccurrence[],
  logged: Logged,
): { want: Want; food: WantedFood | null; next: WantedFood | null }[] {
  const perDay = mealsGiven(state.room)
  const dates = rounds.map(r => r.date)
  const dayOf = rounds.length > 0 ? ladderDays(state, dates) : () => null
  return rounds.flatMap(round => {
    const stands = standsBy(state, readings, round)
    return wantsAt(state, round, dayOf).map(want => {
      const tank = logged.get(want.tank.id) ?? new Map<string, Map<string, number>>()
      logged.set(want.tank.id, tank)
      const turn = foodsInTurn(want, mealsBefore(tank, all, round, perDay))
        .map(t => t.food)
        .filter(f => stands.has(f.food.id))
      const food = turn[0] ?? null
      if (food) tank.set(round.key, new Map([[food.food.id, 1]]))
      const next = turn.find(f => f.food.id !== NAUPLII) ?? null
      return { want, food, next }
    })
  })
}

const isLiveNauplii = (d: Draw) => d.foodId === NAUPLII

/** The reckoning of a round. Pure: the same state and readings give the same answer. */
export function reckon(state: RoomState, readings: Readings): Reckoning {
  const { all, current } = roundsOf(state)
  const rounds = all
    .slice(all.indexOf(current))
    .filter(r => hoursBetween(current.at, r.at) <= AHEAD_H)
  const logged = mealsLogged(state)
  const perDay = mealsGiven(state.room)
  const wants = wantsAt(state, current, ladderDays(state, [current.date]))
  const pulls = expectedPulls(state, rounds)
  const sources = sourcesAt(state, readings, current, pulls)
  const { draws, gaps } = drawMeals(
    wants,
    sources,
    want => mealsBefore(logged.get(want.tank.id), all, current, perDay),
    saidMeals(state, current.key),
  )
  noteToday(draws, current, logged)
  const ahead = comingMeals(state, readings, rounds.slice(1), all, logged)
  const meals = [
    ...wants.flatMap(want => {
      const mine = draws.filter(d => d.tank.id === want.tank.id && isLiveNauplii(d))
      const share = mine.reduce((s, d) => s + d.share, 0)
      return naupliiMeal(want, share) ?? []
    }),
    ...ahead.flatMap(m => (m.food?.food.id === NAUPLII ? (naupliiMeal(m.want, 1) ?? []) : [])),
  ]
  const hatch = hatchPlan(state, rounds, meals)
  return {
    round: current,
    rounds,
    wants,
    sources,
    draws,
    gaps,
    hatch,
    lacking: lackingFoods(wants, kindsHere(state)),
    coming: comingRounds(rounds.slice(1), ahead, hatch),
  }
}

/** What is drawn now counts as given when the next meals are chosen. */
function noteToday(draws: readonly Draw[], current: RoundOccurrence, logged: Logged): void {
  for (const d of draws) {
    const tank = logged.get(d.tank.id) ?? new Map<string, Map<string, number>>()
    logged.set(d.tank.id, tank)
    const meal = tank.get(current.key) ?? new Map<string, number>()
    meal.set(d.foodId, (meal.get(d.foodId) ?? 0) + d.share)
    tank.set(current.key, meal)
  }
}

/** Nauplii that no hatch can bring in time are replaced by what stands here; what nothing replaces is said. */
function comingRounds(
  rounds: readonly RoundOccurrence[],
  ahead: readonly { want: Want; food: WantedFood | null; next: WantedFood | null }[],
  hatch: HatchPlan,
): ComingRound[] {
  const lacks = (m: Meal['tank'], key: string) =>
    hatch.gaps.some(
      g => g.meal.tank.id === m.id && g.meal.round.key === key && g.share > 1 - WHOLE_ENOUGH,
    )
  return rounds.map(round => {
    const mine = ahead.filter(m => m.want.round.key === round.key)
    const chosen = mine.map(m => {
      const short = m.food?.food.id === NAUPLII && lacks(m.want.tank, round.key)
      return { tankId: m.want.tank.id, food: short ? m.next : m.food }
    })
    return {
      round,
      meals: chosen.flatMap(c => (c.food ? [{ tankId: c.tankId, foodId: c.food.food.id }] : [])),
      without: chosen.filter(c => c.food === null).map(c => c.tankId),
    }
  })
}
