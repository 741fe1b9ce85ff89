import { randomStream, type RandomStream } from '../../math/random'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { hatchedBy } from './program'
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
}

export interface Cover {
  brood: string
  day: number
  /** Share of its ration that is planned, and chance that it is there on the day. */ planned: number
  probability: number
}

export const FUTURES = 1000
/** A hatch fails once in so many (working estimate). */
const HATCH_FAILS = 0.02
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
  const usable = usableSupply(p)
  const certain = new Float64Array(foods.length * p.days)
  foods.forEach((food, f) => {
    for (let d = 0; d < p.days; d++) certain[f * p.days + d] = usable(food, d)
  })
  const supply = new Float64Array(certain.length)
  const wanted = new Float64Array(certain.length)
  const moved = new Int32Array(days.length)
  for (let future = 0; future < futures; future++) {
    const chance = randomStream(seed * 1_000_003 + future)
    supply.set(certain)
    addSupply(supply, p, solution, fates, at, chance)
    const shift = new Map(
      Object.entries(fates.broods).map(([id, sd]) => [id, Math.round(chance.normal(0, sd))]),
    )
    wanted.fill(0)
    for (let n = 0; n < days.length; n++) {
      const b = days[n]!
      const d = (moved[n] = b.day + (shift.get(b.brood) ?? 0))
      if (d < 0 || d >= p.days) continue
      for (let k = 0; k < b.food.length; k++)
        wanted[b.food[k]! * p.days + d]! += b.given[k]! * b.organisms[k]!
    }
    for (let n = 0; n < days.length; n++) {
      const d = moved[n]!
      if (d < 0 || d >= p.days) continue
      judged[n]!++
      if (fed(days[n]!, d, p.days, supply, wanted) >= COVERED_FROM) covered[n]!++
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
      (supply[cell]! - wanted[cell]!) / Math.max(1e-9, b.organisms[k]!),
    )
    if (add <= 0) continue
    wanted[cell]! += add * b.organisms[k]!
    got += add
  }
  return got
}

/** Supply that hangs on no culture: hatches, cubes and what is bought. */
function usableSupply(p: PlanProblem): (food: string, day: number) => number {
  return (food, day) => {
    if (p.freely.includes(food)) return Infinity
    return p.hatching?.food === food ? hatchedBy(p, day) : 0
  }
}

/** What a running vessel spares until the day on which this future loses it. */
function addRunning(
  supply: Float64Array,
  row: number,
  surplus: readonly number[],
  fate: Fates['running'][string] | undefined,
  chance: RandomStream,
): void {
  const u = chance.next()
  const factor = Math.exp(chance.normal(0, fate?.logSd ?? 0))
  for (const [d, spared] of surplus.entries()) {
    if ((fate?.lost[d] ?? 0) > u) return
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
): void {
  const hatched = p.hatching ? at.get(p.hatching.food) : undefined
  for (let d = 0; hatched !== undefined && d < p.days; d++)
    if (chance.next() < HATCH_FAILS) supply[hatched * p.days + d]! *= AFTER_FAILURE
  for (const r of p.running)
    addRunning(
      supply,
      at.get(r.food)! * p.days,
      r.surplus.slice(0, p.days),
      fates.running[r.id],
      chance,
    )
  for (const s of solution.starts) {
    const start = p.startable.find(x => x.id === s.startable)
    const fate = fates.starts[s.startable]
    if (!start || !fate) continue
    const row = at.get(start.food)! * p.days
    const end = Math.min(p.days, s.day + start.holdsDays)
    for (const day of beginnings(s, fate, chance)) {
      const course = fate.courses[chance.integer(0, fate.courses.length - 1)]
      const lag = Math.exp(chance.normal(0, fate.lagLogSd))
      for (let d = day; course && d < end; d++)
        supply[row + d]! += course[Math.min(course.length - 1, Math.floor((d - day) / lag))] ?? 0
    }
  }
}

/**
 * Days on which the vessels of one start begin for good, in one future; those that fail twice are left out.
 * They stand together: an urn that remembers failures gives pairs the fate they share.
 */
function* beginnings(s: StartOn, fate: Fates['starts'][string], chance: RandomStream) {
  const { failure, readyDays } = fate.reliability
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
