import { randomStream, type RandomStream } from '../../math/random'
import type { PlanProblem, PlanSolution } from './problem'
import { hatchedBy } from './program'
import { SHARED_FATE, type Reliability } from './redundancy'
import { COVERED_FROM, givenUpAfter, RESTART_AFTER, stepIn } from './repair'

/** What may happen to a plan: how a running culture may be lost by each day and how far its supply is known, and how sure a start is. */
export interface Fates {
  /** By id of a running culture: chance that it is lost by a day; log spread of what it gives. */
  running: Readonly<Record<string, { lost: readonly number[], logSd: number }>>
  /** By id of the startable: its chances, and courses of organisms by day since the start. */
  starts: Readonly<Record<string, { reliability: Reliability, courses: readonly ArrayLike<number>[], /** Log spread of days to ready that the courses do not hold. */ lagLogSd: number, /** Days until it can be started anew. */ waits: number }>>
  /** By brood: spread of the day it swims free, d. */
  broods: Readonly<Record<string, number>>
}

export interface Cover { brood: string, day: number, /** Share of its ration that is planned, and chance that it is there on the day. */ planned: number, probability: number }

export const FUTURES = 1000
/** A hatch fails once in so many (working estimate). */
const HATCH_FAILS = 0.02
/** After a failed hatch: what the fridge, a second vessel and the next pull still bring that day. */
const AFTER_FAILURE = 0.5

/**
 * Plays a plan through many futures in which cultures are lost, fail and are late, and broods come early or late. Nobody plans again in
 * them: a start that fails is started anew, and what a food lacks is made good by what others have over (repair.ts). The same seed gives the same answer.
 */
export function playFutures(p: PlanProblem, solution: PlanSolution, fates: Fates, seed: number, futures = FUTURES): Cover[] {
  const foods = [...new Set([...p.broodDays.flatMap(b => b.foods.map(f => f.food)), ...p.running.map(r => r.food), ...p.startable.map(s => s.food)])]
  const at = new Map(foods.map((f, i) => [f, i]))
  const share = new Map(solution.meals.map(m => [`${m.brood}\n${m.day}\n${m.food}`, m.share]))
  const days = p.broodDays.filter(b => !b.standby).map(b => ({ ...b, index: b.foods.map(f => at.get(f.food)!), given: b.foods.map(f => share.get(`${b.brood}\n${b.day}\n${f.food}`) ?? 0) }))
    const covered = new Float64Array(days.length)
  const judged = new Float64Array(days.length)
  const usable = usableSupply(p)
  for (let future = 0; future < futures; future++) {
    const chance = randomStream(seed * 1_000_003 + future)
    const supply = supplyOf(p, solution, fates, foods, usable, chance)
    const shift = new Map(Object.entries(fates.broods).map(([id, sd]) => [id, Math.round(chance.normal(0, sd))]))
    const wanted = foods.map(() => new Float64Array(p.days))
    const moved = days.map(b => b.day + (shift.get(b.brood) ?? 0))
    days.forEach((b, n) => {
      const d = moved[n]!
      if (d >= 0 && d < p.days) b.foods.forEach((x, k) => { wanted[b.index[k]!]![d]! += b.given[k]! * x.organisms })
    })
    const left = supply.map((s, i) => s.map((x, d) => Math.max(0, x - wanted[i]![d]!)))
    days.forEach((b, n) => {
      const d = moved[n]!
      if (d < 0 || d >= p.days) return
      judged[n]!++
      const given = b.foods.map((_, k) => b.given[k]! * Math.min(1, supply[b.index[k]!]![d]! / Math.max(1e-9, wanted[b.index[k]!]![d]!)))
      let got = given.reduce((a, x) => a + x, 0)
      if (got < COVERED_FROM) {
        const add = stepIn(b, got, given, food => left[at.get(food)!]![d]!)
        add.forEach((x, k) => {
          if (x <= 0) return
          const f = b.index[k]!
          left[f]![d]! -= x * b.foods[k]!.organisms
          got += x
        })
      }
      if (got >= COVERED_FROM) covered[n]!++
    })
  }
  return days.map((b, n) => ({ brood: b.brood, day: b.day, planned: b.given.reduce((s, x) => s + x, 0), probability: judged[n]! > 0 ? covered[n]! / judged[n]! : 0 }))
}

/** Supply that hangs on no culture: hatches, cubes and what is bought. */
function usableSupply(p: PlanProblem): (food: string, day: number) => number {
  return (food, day) => {
    if (p.freely.includes(food)) return Infinity
    return p.hatching?.food === food ? hatchedBy(p, day) : 0
  }
}

/** What there is of each food on each day of one future. */
function supplyOf(p: PlanProblem, solution: PlanSolution, fates: Fates, foods: readonly string[], usable: (food: string, day: number) => number, chance: RandomStream): Float64Array[] {
  const supply = foods.map(food => Float64Array.from({ length: p.days }, (_, d) => usable(food, d)))
  if (p.hatching) {
    const mine = supply[foods.indexOf(p.hatching.food)]
    for (let d = 0; mine && d < p.days; d++) if (chance.next() < HATCH_FAILS) mine[d]! *= AFTER_FAILURE
  }
  for (const r of p.running) {
    const u = chance.next()
    const fate = fates.running[r.id]
    const factor = Math.exp(chance.normal(0, fate?.logSd ?? 0))
    const days = supply[foods.indexOf(r.food)]!
    for (let d = 0; d < p.days && !((fate?.lost[d] ?? 0) > u); d++) days[d]! += (r.surplus[d] ?? 0) * factor
  }
  // Vessels of one start stand together: an urn that remembers failures gives pairs the fate they share.
  const mass = (1 - SHARED_FATE) / SHARED_FATE
  for (const s of solution.starts) {
    const start = p.startable.find(x => x.id === s.startable)
    const fate = fates.starts[s.startable]
    if (!start || !fate) continue
    const { failure, readyDays } = fate.reliability
    const days = supply[foods.indexOf(start.food)]!
    let failed = 0
    for (let v = 0; v < s.vessels; v++) {
      let day = s.day
      let fails = chance.next() < (failure * mass + failed) / (mass + v)
      if (fails) failed++
      // It is seen to fail, and started once more in the vessel that it leaves.
      if (fails) {
        day += givenUpAfter(readyDays) + RESTART_AFTER + fate.waits
        fails = chance.next() < failure
      }
      if (fails) continue
      const course = fate.courses[chance.integer(0, fate.courses.length - 1)]
      const lag = Math.exp(chance.normal(0, fate.lagLogSd))
      for (let d = day; course && d < Math.min(p.days, s.day + start.holdsDays); d++) days[d]! += course[Math.min(course.length - 1, Math.floor((d - day) / lag))] ?? 0
    }
  }
  return supply
}
