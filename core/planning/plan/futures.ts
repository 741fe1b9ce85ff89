import { HATCH_MARGIN } from '../hatchMargin'
import { randomStream, type RandomStream } from '../../math/random'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { hatchedBy } from './writeHatches'
import { SHARED_FATE, type Reliability } from './redundancy'
import { addWanted, fedShare, plannedShare, portionsOf } from './portions'
import { COVERED_FROM, givenUpAfter, RESTART_AFTER } from './repair'

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
  const rows = new Map(foods.map((f, i) => [f, i * p.days]))
  const days = p.broodDays.filter(b => !b.standby)
  const portions = portionsOf(days, solution.meals, food => rows.get(food)!)
  const broods = Object.keys(fates.broods)
  const broodOf = Int32Array.from(days, b => broods.indexOf(b.brood))
  const covered = new Float64Array(days.length)
  const judged = new Float64Array(days.length)
  const usable = usableSupply(p, solution)
  const certain = new Float64Array(foods.length * p.days)
  for (const [food, row] of rows)
    for (let d = 0; d < p.days; d++) certain[row + d] = usable(food, d)
  const chances = chancesOf(p, solution, fates, rows)
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
    addSupply(supply, p.days, chances, chance, room)
    const shift = broods.map(id => Math.round(chance.normal(0, fates.broods[id]!)))
    wanted.fill(0)
    for (let n = 0; n < days.length; n++) {
      const d = (moved[n] = days[n]!.day + (shift[broodOf[n]!] ?? 0))
      if (d >= 0 && d < p.days) addWanted(portions, n, d, wanted, room.appetite)
    }
    for (let n = 0; n < days.length; n++) {
      const d = moved[n]!
      if (d < 0 || d >= p.days) continue
      judged[n]!++
      const share = fedShare(portions, n, d, supply, wanted, room.appetite)
      if (share >= COVERED_FROM) covered[n]!++
    }
  }
  return days.map((b, n) => ({
    brood: b.brood,
    day: b.day,
    planned: plannedShare(portions, n),
    probability: judged[n]! > 0 ? covered[n]! / judged[n]! : 0,
  }))
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

/** What hangs on chance, looked up once for all futures. */
interface Chances {
  /** First cell of what is hatched; null where nothing is. */ hatched: number | null
  running: readonly {
    row: number
    surplus: Float64Array
    /** Chance that it is lost by a day. */ lost: Float64Array
    logSd: number
  }[]
  starts: readonly {
    row: number
    start: StartOn
    /** Day after its last. */ end: number
    fate: Fates['starts'][string]
  }[]
}

function chancesOf(
  p: PlanProblem,
  solution: PlanSolution,
  fates: Fates,
  rows: ReadonlyMap<string, number>,
): Chances {
  const startables = new Map(p.startable.map(s => [s.id, s]))
  return {
    hatched: p.hatching ? (rows.get(p.hatching.food) ?? null) : null,
    running: p.running.map(r => ({
      row: rows.get(r.food)!,
      surplus: Float64Array.from(r.surplus.slice(0, p.days)),
      lost: Float64Array.from(r.surplus, (_, d) => fates.running[r.id]?.lost[d] ?? 0),
      logSd: fates.running[r.id]?.logSd ?? 0,
    })),
    starts: solution.starts.flatMap(start => {
      const of = startables.get(start.startable)
      const fate = fates.starts[start.startable]
      if (!of || !fate) return []
      const end = Math.min(p.days, start.day + of.holdsDays)
      return [{ row: rows.get(of.food)!, start, end, fate }]
    }),
  }
}

/** What a running vessel spares until the day on which this future loses it. */
function addRunning(
  supply: Float64Array,
  { row, surplus, lost, logSd }: Chances['running'][number],
  chance: RandomStream,
  room: Doubt,
): void {
  const u = chance.next()
  const factor = room.pace * Math.exp(chance.normal(0, logSd))
  for (let d = 0; d < surplus.length && room.failures * lost[d]! <= u; d++)
    supply[row + d]! += surplus[d]! * factor
}

/** Adds what hangs on chance to the supply of one future. */
function addSupply(
  supply: Float64Array,
  days: number,
  { hatched, running, starts }: Chances,
  chance: RandomStream,
  room: Doubt,
): void {
  const lot = Math.exp(chance.normal(0, LOT_SD))
  for (let d = 0; hatched !== null && d < days; d++) {
    const fails = chance.next() < HATCH_FAILS ? AFTER_FAILURE : 1
    supply[hatched + d]! *= fails * lot * Math.exp(chance.normal(0, BOTTLE_SD))
  }
  for (const r of running) addRunning(supply, r, chance, room)
  for (const { row, start, end, fate } of starts)
    for (const day of beginnings(start, fate, chance, room)) {
      const course = fate.courses[chance.integer(0, fate.courses.length - 1)]
      const lag = Math.exp(chance.normal(0, fate.lagLogSd)) / room.pace
      for (let d = day; course && d < end; d++)
        supply[row + d]! +=
          room.pace * (course[Math.min(course.length - 1, Math.floor((d - day) / lag))] ?? 0)
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
