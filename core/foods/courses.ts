import { randomStream, type RandomStream } from '../math/random'
import type { Food, FoodMethod } from './contract'
import {
  copyCulture,
  runCulture,
  startCulture,
  withoutUpkeep,
  type Culture,
  type CultureSetup,
} from './culture'

/** Courses of vessels that were started alike and came good, and how many did not. */
export interface Courses {
  /** By course and day since the start: organisms that are taken that day, 0 while it is not ready. */
  gives: Float64Array[]
  /** Day on which each was ready first, in the same order. */
  readyDays: number[]
  failedShare: number
}

export interface CourseRequest {
  food: Food
  method: FoodMethod
  setup: CultureSetup
  temperatureC: number
  days: number
  runs: number
  seed: number
  /** Factors on its parameters that this room has taught, besides those of its school. */
  taught?: Readonly<Record<string, number>>
}

/** Shares of a vessel that may be taken day after day; more than half at once ends most cultures. */
const SHARES = [0.04, 0.08, 0.12, 0.2, 0.3, 0.5]
/** How far a room is from what its thermometer was said to show, degC (working estimate). */
const ROOM_SD_C = 1
/** Days over which a way of taking is judged, from its first harvest on. */
const JUDGED_D = 21

export const inUse = (c: Culture) =>
  ['ready', 'tiring'].includes(c.family.readiness(c.state, c.params))

/** Takes the day's share where the culture is ready; returns the organisms that came. */
export function takeDay(c: Culture, share: number): number {
  if (!inUse(c)) return 0
  const before = c.family.stock(c.state, c.params).organisms
  c.family.act(c.state, c.params, { kind: 'takeOut', amount: share, unit: 'share' })
  return Math.max(0, before - c.family.stock(c.state, c.params).organisms)
}

/** Takes a share a day for some days from when it is ready; organisms by day. Changes the culture. */
export function courseOf(
  c: Culture,
  share: number,
  temperature: (day: number) => number,
  days: number,
  chance: RandomStream | null,
): Float64Array {
  const gives = new Float64Array(days + 1)
  for (let day = 0; day <= days; day++) {
    gives[day] = takeDay(c, share)
    if (day < days) runCulture(c, 24, temperature, chance)
  }
  return gives
}

/**
 * Share of a vessel a day that feeds best over three weeks, of cultures that are ready: one with median parameters, or some as they may be.
 * An untouched vessel stands at its limit and grows nothing back; one that is drawn from does.
 */
export function bestTake(ready: readonly Culture[], temperatureC: number): number {
  // Roots: fry eat every day, so an even supply is worth more than the same in two gulps.
  const worthOf = (c: Culture, share: number) =>
    courseOf(
      withoutUpkeep(copyCulture(c), ['takeOut']),
      share,
      () => temperatureC,
      JUDGED_D,
      null,
    ).reduce((a, b) => a + Math.sqrt(b), 0)
  const worth = (share: number) => ready.reduce((sum, c) => sum + worthOf(c, share), 0)
  return SHARES.map(share => ({ share, worth: worth(share) })).reduce((a, b) =>
    b.worth > a.worth * 1.02 ? b : a,
  ).share
}

const known = new Map<string, number>()

/** The best share of a start as its method has it; remembered, for it does not depend on chance. */
export function usualTake(
  r: Pick<CourseRequest, 'food' | 'method' | 'setup' | 'temperatureC'>,
): number {
  const key = `${r.food.profile.id} ${r.method.id} ${r.setup.volumeL} ${Math.round(r.temperatureC)}`
  const found = known.get(key)
  if (found !== undefined) return found
  const c = withoutUpkeep(startCulture(r.food, r.method, r.setup, null), ['takeOut'])
  for (let day = 0; day < 90 && !inUse(c); day++) runCulture(c, 24, () => r.temperatureC, null)
  const share = bestTake([c], r.temperatureC)
  known.set(key, share)
  return share
}

/** A school as it goes in this room. */
function methodHere({ method, taught = {} }: CourseRequest): FoodMethod {
  const factors = { ...method.factors }
  for (const [key, by] of Object.entries(taught)) factors[key] = (factors[key] ?? 1) * by
  return { ...method, factors }
}

/** Runs a start many times with the chances of its food, drawn from day after day once it is ready; the rest of its method is done by itself. */
export function sampleCourses(r: CourseRequest): Courses {
  const gives: Float64Array[] = []
  const readyDays: number[] = []
  const share = usualTake(r)
  const method = methodHere(r)
  for (let run = 0; run < r.runs; run++) {
    const chance = randomStream(r.seed * 1_000_003 + run)
    const temperatureC = r.temperatureC + chance.normal(0, ROOM_SD_C)
    const days = courseOf(
      withoutUpkeep(startCulture(r.food, method, r.setup, chance), ['takeOut']),
      share,
      () => temperatureC,
      r.days,
      chance,
    )
    const ready = days.findIndex(x => x > 0)
    if (ready < 0) continue
    gives.push(evenedOut(days, ready))
    readyDays.push(ready)
  }
  return { gives, readyDays, failedShare: 1 - gives.length / r.runs }
}

/** A vessel is its own store: what it gives in three days may be taken evenly over them. */
export function evenedOut(days: Float64Array, ready: number): Float64Array {
  return days.map((_, d) => {
    if (d < ready) return 0
    const around = days.slice(Math.max(ready, d - 1), d + 2)
    return around.reduce((a, b) => a + b, 0) / around.length
  })
}

/** What so large a share of the courses gives at least, day by day: 0.5 is the median. */
export function courseQuantile(courses: readonly Float64Array[], share: number): number[] {
  const days = courses[0]?.length ?? 0
  return Array.from({ length: days }, (_, d) => {
    const sorted = courses.map(s => s[d]!).sort((a, b) => a - b)
    return sorted[Math.floor((1 - share) * (sorted.length - 1))]!
  })
}
