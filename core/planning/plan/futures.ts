import { HATCH_MARGIN } from '../hatchMargin'
import { randomStream, type RandomStream } from '../../math/random'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { hatchedBy } from './writeHatches'
import { SHARED_FATE, type Reliability } from './redundancy'
import { COVERED_FROM, givenUpAfter, RESTART_AFTER, steppingOrder, stepInShare } from './repair'

/** What may happen to a plan: how a running culture may be lost by each day and how far its supply is known, and how sure a start is. */
export interface Fates {
  /** By id of a running culture: chance that it is lost by a day; log spread of what it gives. */
  running: Readonly<Record<string, { lost: readonly number[]; logSd: number }>>
  /** By id of the startable: its chances, and courses of organisms by day since the start. */
  starts: Readonly<
    Record<
      string,
      {
        reliability: Reliability
        courses: readonly ArrayLike<number>[]
        /** Log spread of days to ready that the courses do not hold. */ lagLogSd: number
        /** Days until it can be started anew. */ waits: number
      }
    >
  >
  /** By brood: spread of the day it swims free, d. */
  broods: Readonly<Record<string, number>>
  /** What the whole room shares, log spreads. */
  doubt: Doubt
}

/** How far a room may be from the book in everything at once: how fast things grow there, how often they fail, how much fry eat. */
export interface Doubt {
  pace: number
  failures: number
  appetite: number
}

export interface Cover {
  brood: string
  day: number
  /** Share of its ration that is planned, and chance that it is there on the day. */ planned: number
  probability: number
}

export const FUTURES = 1000
/** Log spreads of hatches: of the lot, which all share, and of each bottle and count (working estimates). */
const LOT_SD = 0.15
const BOTTLE_SD = 0.15
/** Hatches are planned anew each day: what is planned so many days off can be there. */
const HATCH_SHIFTS_D = 3
/** A hatch fails once in so many (working estimate). */
const HATCH_FAILS = 0.02
/** No room is so bad that more fail. */
const MOST_FAIL = 0.95
/** After a failed hatch: what the fridge, a second vessel and the next pull still bring that day. */
const AFTER_FAILURE = 0.5

/**
 * Plays a plan through many futures in which cultures are lost, fail and are late, and broods come early or late. Nobody plans again in
 * them: a start that fails is started anew, and what a food lacks is made good by what others have over (repair.ts). The same seed gives the same answer.
 */
export function playFutures(
  p: PlanProblem,
  solution: PlanSolution,
  fates: Fates,
  seed: number,
  futures = FUTURES,
): Cover[] {
  const foods = [
    ...new Set([
      ...p.broodDays.flatMap(b => b.foods.map(f => f.food)),
      ...p.running.map(r => r.food),
      ...p.startable.map(s => s.food),
    ]),
  ]
  const at = new Map(foods.map((f, i) => [f, i]))
  const share = new Map(solution.meals.map(m => [`${m.brood}\n${m.day}\n${m.food}`, m.share]))
  const days = p.broodDays
    .filter(b => !b.standby)
    .map((b): Portion => ({
      brood: b.brood,
      day: b.day,
      order: steppingOrder(b),
      food: Int32Array.from(b.foods, f => at.get(f.food)!),
      most: Float64Array.from(b.foods, f => f.most),
      organisms: Float64Array.from(b.foods, f => f.organisms),
      given: Float64Array.from(b.foods, f => share.get(`${b.brood}\n${b.day}\n${f.food}`) ?? 0),
    }))
  const covered = new Float64Array(days.length)
  const judged = new Float64Array(days.length)
  const usable = usableSupply(p, solution)
  const certain = new Float64Array(foods.length * p.days)
  foods.forEach((food, f) => {
    for (let d = 0; d < p.days; d++) certain[f * p.days + d] = usable(food, d)
  })
  const supply = new Float64Array(certain.length)
  const wanted = new Float64Array(certain.length)
  const moved = new Int32Array(days.length)
  for (let future = 0; future < futures; future++) {
    const chance = randomStream(seed * 1_000_003 + future)
    const drawn = (sd: number) => Math.exp(chance.normal(0, sd))
    const room: Doubt = {
      pace: drawn(fates.doubt.pace),
      failures: drawn(fates.doubt.failures),
      appetite: drawn(fates.doubt.appetite),
    }
    supply.set(certain)
    addSupply(supply, p, solution, fates, at, chance, room)
    const shift = new Map(
      Object.entries(fates.broods).map(([id, sd]) => [id, Math.round(chance.normal(0, sd))]),
    )
    wanted.fill(0)
    for (let n = 0; n < days.length; n++) {
      const b = days[n]!
      const d = (moved[n] = b.day + (shift.get(b.brood) ?? 0))
      if (d < 0 || d >= p.days) continue
      for (let k = 0; k < b.food.length; k++)
        wanted[b.food[k]! * p.days + d]! += b.given[k]! * b.organisms[k]! * room.appetite
    }
    for (let n = 0; n < days.length; n++) {
      const d = moved[n]!
      if (d < 0 || d >= p.days) continue
      judged[n]!++
      if (fed(days[n]!, d, p.days, supply, wanted, room.appetite) >= COVERED_FROM) covered[n]!++
    }
  }
  return days.map((b, n) => ({
    brood: b.brood,
    day: b.day,
    planned: b.given.reduce((s, x) => s + x, 0),
    probability: judged[n]! > 0 ? covered[n]! / judged[n]! : 0,
  }))
}

/** A brood-day in flat arrays: a thousand futures go through all of them. */
interface Portion {
  brood: string
  day: number
  order: readonly number[]
  food: Int32Array
  most: Float64Array
  organisms: Float64Array
  given: Float64Array
}

/** Share of its ration that a brood gets on a day of one future. What steps in counts as wanted: nobody else gets it. */
function fed(
  b: Portion,
  d: number,
  days: number,
  supply: Float64Array,
  wanted: Float64Array,
  appetite: number,
): number {
  let got = 0
  for (let k = 0; k < b.food.length; k++) {
    const cell = b.food[k]! * days + d
    if (b.given[k]! > 0)
      got += b.given[k]! * Math.min(1, supply[cell]! / Math.max(1e-9, wanted[cell]!))
  }
  if (got >= COVERED_FROM) return got
  for (const k of b.order) {
    if (got >= 1 - 1e-9) break
    const cell = b.food[k]! * days + d
    const add = stepInShare(
      1 - got,
      b.most[k]! - b.given[k]!,
      (supply[cell]! - wanted[cell]!) / Math.max(1e-9, b.organisms[k]! * appetite),
    )
    if (add <= 0) continue
    wanted[cell]! += add * b.organisms[k]! * appetite
    got += add
  }
  return got
}

/** Nauplii that a plan takes by day. */
function plannedNauplii(p: PlanProblem, { meals }: Pick<PlanSolution, 'meals'>): number[] {
  const planned = new Array<number>(p.days).fill(0)
  const organisms = new Map(
    p.broodDays.map(b => [
      `${b.brood}\n${b.day}`,
      b.foods.find(f => f.food === p.hatching?.food)?.organisms ?? 0,
    ]),
  )
  for (const m of meals)
    if (m.food === p.hatching?.food)
      planned[m.day]! += m.share * (organisms.get(`${m.brood}\n${m.day}`) ?? 0)
  return planned
}

/** Supply that hangs on no culture: hatches as they are planned with their margin, cubes and what is bought. */
function usableSupply(
  p: PlanProblem,
  solution: PlanSolution,
): (food: string, day: number) => number {
  const planned = plannedNauplii(p, solution)
  const near = (day: number) =>
    Math.max(...planned.slice(Math.max(0, day - HATCH_SHIFTS_D), day + HATCH_SHIFTS_D + 1))
  return (food, day) => {
    if (p.freely.includes(food)) return Infinity
    if (p.hatching?.food !== food) return 0
    return Math.min(hatchedBy(p, day), HATCH_MARGIN * near(day) + p.hatching.frozen)
  }
}

/** What a running vessel spares until the day on which this future loses it. */
function addRunning(
  supply: Float64Array,
  row: number,
  surplus: readonly number[],
  fate: Fates['running'][string] | undefined,
  chance: RandomStream,
  room: Doubt,
): void {
  const u = chance.next()
  const factor = room.pace * Math.exp(chance.normal(0, fate?.logSd ?? 0))
  for (const [d, spared] of surplus.entries()) {
    if (room.failures * (fate?.lost[d] ?? 0) > u) return
    supply[row + d]! += spared * factor
  }
}

/** Adds what hangs on chance to the supply of one future. */
function addSupply(
  supply: Float64Array,
  p: PlanProblem,
  solution: PlanSolution,
  fates: Fates,
  at: ReadonlyMap<string, number>,
  chance: RandomStream,
  room: Doubt,
): void {
  const hatched = p.hatching ? at.get(p.hatching.food) : undefined
  const lot = Math.exp(chance.normal(0, LOT_SD))
  for (let d = 0; hatched !== undefined && d < p.days; d++) {
    const fails = chance.next() < HATCH_FAILS ? AFTER_FAILURE : 1
    supply[hatched * p.days + d]! *= fails * lot * Math.exp(chance.normal(0, BOTTLE_SD))
  }
  for (const r of p.running)
    addRunning(
      supply,
      at.get(r.food)! * p.days,
      r.surplus.slice(0, p.days),
      fates.running[r.id],
      chance,
      room,
    )
  for (const s of solution.starts) {
    const start = p.startable.find(x => x.id === s.startable)
    const fate = fates.starts[s.startable]
    if (!start || !fate) continue
    const row = at.get(start.food)! * p.days
    const end = Math.min(p.days, s.day + start.holdsDays)
    for (const day of beginnings(s, fate, chance, room)) {
      const course = fate.courses[chance.integer(0, fate.courses.length - 1)]
      const lag = Math.exp(chance.normal(0, fate.lagLogSd)) / room.pace
      for (let d = day; course && d < end; d++)
        supply[row + d]! +=
          room.pace * (course[Math.min(course.length - 1, Math.floor((d - day) / lag))] ?? 0)
    }
  }
}

/**
 * Days on which the vessels of one start begin for good, in one future; those that fail twice are left out.
 * They stand together: an urn that remembers failures gives pairs the fate they share.
 */
function* beginnings(s: StartOn, fate: Fates['starts'][string], chance: RandomStream, room: Doubt) {
  const { readyDays } = fate.reliability
  const failure = Math.min(MOST_FAIL, fate.reliability.failure * room.failures)
  const mass = (1 - SHARED_FATE) / SHARED_FATE
  let failed = 0
  for (let v = 0; v < s.vessels; v++) {
    const fails = chance.next() < (failure * mass + failed) / (mass + v)
    if (!fails) {
      yield s.day
      continue
    }
    failed++
    // It is seen to fail, and started once more in the vessel that it leaves.
    const again = s.day + givenUpAfter(readyDays) + RESTART_AFTER + fate.waits
    if (chance.next() >= failure) yield again
  }
}
