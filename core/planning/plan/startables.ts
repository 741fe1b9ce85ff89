import { failureOf } from '../../foods/failureOf'
import type { CultureReading } from '../../estimation/readCulture'
import { starterComing } from './starterComing'
import { buyingOf, firstDayToBuy } from '../../foods/buying'
import type { Food, FoodMethod } from '../../foods/contract'
import { courseQuantile, sampleCourses, type Courses } from '../../foods/courses'
import { foodOf } from '../../foods/index'
import { paceOf } from '../../stock/pace'
import { running, type CultureState } from '../../stock/cultures'
import { airAt, airNow, temperatureNow } from '../../stock/placeTemperature'
import { taughtFactors } from '../../stock/learned'
import type { RoomState } from '../../stock/roomState'
import { addHours, hoursBetween } from '../../time/localDate'
import type { Reliability } from './redundancy'
import { startMinutes } from '../startMinutes'
import { tendMinutes } from './labour'
import type { StartLine } from './request'
import type { Line, Running, Startable } from './problem'
import { vesselClasses, type VesselClass } from './vesselClasses'

/** A way to start a food in this room, with what the planner has to know of its chances. */
export interface RoomStart extends Startable {
  foodOf: Food
  method: FoodMethod
  reliability: Reliability
  courses: Courses
  temperatureC: number
  placeId: string | null
  vesselClass: VesselClass
  bought: boolean
  /** Of its starter; 0 where the room has it. */
  price: number
  /** Days its starter takes to come; 0 where the room has it. */
  leadDays: number
}

/** A food line in use costs attention of its own, minutes a week: few sturdy lines beat many (working estimate). */
const LINE_MIN_A_WEEK = 10
const RUNS = 48
/** A vessel past its age is renewed within a week. */
const GRACE_DAYS = 7

const givesStarter = (r: CultureReading) =>
  r.estimate.readiness.ready + r.estimate.readiness.tiring > 0.5

/** Where a new vessel of a food would stand: where the last one stood, else at the place nearest to the middle of its range. */
function standsAt(
  state: RoomState,
  food: Food,
  last: CultureState | undefined,
  warmerC: number,
): { placeId: string | null; temperatureC: number } {
  if (last)
    return {
      placeId: last.placeId,
      temperatureC: temperatureNow(last.record, state.places, state.entries) + warmerC,
    }
  const middle = (food.rangeC[0] + food.rangeC[1]) / 2
  const known = state.places
    .flatMap(p => {
      const air = airAt(airNow(p, state.entries), 'middle')
      return air === null ? [] : [{ placeId: p.id as string | null, temperatureC: air + warmerC }]
    })
    .sort((a, b) => Math.abs(a.temperatureC - middle) - Math.abs(b.temperatureC - middle))
  return known[0] ?? { placeId: null, temperatureC: middle + warmerC }
}

/** Spread of the logarithms of days to ready. */
export const sdOfLogs = (days: readonly number[]) => {
  const logs = days.map(d => Math.log(Math.max(0.5, d)))
  const mean = logs.reduce((a, b) => a + b, 0) / logs.length
  return Math.sqrt(logs.reduce((s, x) => s + (x - mean) ** 2, 0) / logs.length)
}

/** What is known of a start: chances from the vessels of the room, else from the book; days to ready from its courses. */
export function reliabilityOf(
  state: RoomState,
  food: Food,
  method: FoodMethod,
  courses: Courses,
): Reliability {
  const ready = [...courses.readyDays].sort((a, b) => a - b)
  return {
    failure: state.learned.foods[food.profile.id]?.failure?.value ?? failureOf(food, method),
    readyDays: ready[Math.floor((ready.length - 1) / 2)] ?? Infinity,
    readyLogSd: Math.max(food.reliability.readyLogSd, ready.length > 4 ? sdOfLogs(ready) : 0),
  }
}

/** The school of a food: as somebody pinned it, as it was used last, else its first. */
function schoolOf(
  food: Food,
  last: CultureState | undefined,
  pins: readonly StartLine[],
): FoodMethod {
  const pinned = pins.findLast(p => p.food === food.profile.id)?.method
  const of = (id: string | undefined) => food.methods.find(m => m.id === id)
  return of(pinned) ?? of(last?.record.methodId) ?? food.methods[0]!
}

/**
 * Foods that are grown here, each by its school, in the vessels that are free.
 * @param warmerC the whole room against what it shows @param pins starts that somebody set by hand
 */
export function roomStarts(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  days: number,
  warmerC = 0,
  pins: readonly StartLine[] = [],
): RoomStart[] {
  const alive = running(state.cultureStates)
  const pace = paceOf(state.entries, state.today).factor
  return state.room.foods.flatMap((id): RoomStart[] => {
    const food = foodOf(id)
    if (!food || food.profile.family === 'hatch') return []
    const last = [...state.cultureStates]
      .filter(c => c.record.foodId === id)
      .sort((a, b) => (a.record.startedAt < b.record.startedAt ? 1 : -1))[0]
    const method = schoolOf(food, last, pins)
    const { placeId, temperatureC } = standsAt(state, food, last, warmerC)
    const needsStarter = method.starterShare > 0
    const mother = alive.some(
      c =>
        c.record.foodId === id &&
        !c.quarantine &&
        readings.has(c.id) &&
        givesStarter(readings.get(c.id)!),
    )
    // One that is on its way is planned with; another one is not bought.
    const coming = needsStarter && !mother ? starterComing(state, id) : null
    const bought = needsStarter && !mother && coming === null
    const fromOutside = bought || coming !== null
    const buying = buyingOf(food)
    // Out of season nobody sends it: it is ordered when the season begins, or is a gap with other ways.
    const orderDay = bought ? firstDayToBuy(food, state.today, days) : 0
    if (orderDay === null) return []
    const leadDays = bought ? buying.leadDays : 0
    return vesselClasses(state, id, method, last?.record.litres ?? null).flatMap(
      (vesselClass): RoomStart[] => {
        const stands = { litres: vesselClass.litres, temperatureC }
        const courses = coursesOf(state, food, method, stands, days)
        const reliability = reliabilityOf(state, food, method, courses)
        if (!Number.isFinite(reliability.readyDays)) return []
        const holdsDays = Math.max(1, Math.round(method.renewAfterDays))
        return [
          {
            id: `${id} ${method.id} ${vesselClass.id}`,
            food: id,
            foodOf: food,
            method,
            temperatureC,
            placeId,
            vesselClass,
            bought,
            courses,
            reliability,
            // What it gives after its time is another vessel's.
            gives: courseQuantile(courses.gives, 0.5).map((g, d) =>
              d < holdsDays && (!fromOutside || d >= buying.apartDays) ? g : 0,
            ),
            vessel: vesselClass.id,
            holdsDays,
            startMinutes: pace * vesselMinutes(method),
            dayMinutes: pace * tendMinutes(food, method),
            price: bought ? buying.price : 0,
            leadDays,
            fromDay: coming ?? orderDay + leadDays,
          },
        ]
      },
    )
  })
}

const sampled = new Map<string, Courses>()

/** In what a vessel would be started, and how warm it would stand. */
interface Stands {
  litres: number
  temperatureC: number
}

/** A food that nothing is known of where it would stand: the vessel of its school, in the middle of its range. */
export const usualStand = (food: Food, method: FoodMethod): Stands => ({
  litres: method.vessel.volumeL,
  temperatureC: (food.rangeC[0] + food.rangeC[1]) / 2,
})

/**
 * What a start would go like in this room, as far as the room has taught it.
 * The same for the same start: worked out once.
 */
export function coursesOf(
  state: Pick<RoomState, 'learned'>,
  food: Food,
  method: FoodMethod,
  { litres, temperatureC }: Stands,
  days: number,
): Courses {
  const taught = taughtFactors(state.learned, food)
  const warmth = temperatureC.toFixed(1)
  const key = [food.profile.id, method.id, litres, warmth, days, JSON.stringify(taught)].join(' ')
  const found =
    sampled.get(key) ??
    sampleCourses({
      food,
      method,
      setup: { volumeL: litres },
      temperatureC,
      days,
      runs: RUNS,
      seed: 5,
      taught,
    })
  if (sampled.size > 200) sampled.clear()
  sampled.set(key, found)
  return found
}

/** Two at a time are the usual start, and the second takes half as long. */
const vesselMinutes = (method: FoodMethod) => startMinutes(method.start.length, 2) / 2

/** Foods that may be begun with: those that nothing grows of yet. */
export function newLines(starts: readonly RoomStart[], state: RoomState, days: number): Line[] {
  const grown = new Set(running(state.cultureStates).map(c => c.record.foodId))
  const food = new Map(starts.filter(s => !grown.has(s.food)).map(s => [s.food, s.price]))
  const minutes = (LINE_MIN_A_WEEK * days) / 7
  return [...food].map(([id, cost]) => ({ food: id, minutes, cost }))
}

/** Vessels that are free for new cultures, by class and day. */
export const freeVessels = (starts: readonly RoomStart[], days: number): Record<string, number[]> =>
  Object.fromEntries(starts.map(s => [s.vessel, new Array<number>(days).fill(s.vesselClass.free)]))

/** Days that a running vessel still serves: to the age at which its method renews it, a week at least for one that is past it. */
export function servesDays(c: CultureState, renewAfterDays: number, now: string): number {
  const left = hoursBetween(now, addHours(c.renewedAt, renewAfterDays * 24)) / 24
  return Math.max(GRACE_DAYS, Math.floor(left))
}

/** What the running cultures give, in the middle of the belief, when they are drawn from day after day until they are renewed. Mothers and what stands apart give nothing. */
export function runningSupply(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  days: number,
): Running[] {
  const pace = paceOf(state.entries, state.today).factor
  return running(state.cultureStates).flatMap((c): Running[] => {
    const ahead = readings.get(c.id)?.ahead
    const food = foodOf(c.record.foodId)
    const method = food?.methods.find(m => m.id === c.record.methodId) ?? food?.methods[0]
    if (!ahead || !method || c.record.mother || c.quarantine) return []
    const serves = servesDays(c, method.renewAfterDays, state.now)
    const at = (d: number) => ahead.days[Math.min(d, ahead.days.length - 1)]!.gives.p50
    return [
      {
        id: c.id,
        food: c.record.foodId,
        surplus: Array.from({ length: days }, (_, d) => (d < serves ? at(d) : 0)),
        dayMinutes: pace * tendMinutes(food!, method),
      },
    ]
  })
}
