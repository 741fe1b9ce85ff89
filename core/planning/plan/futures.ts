import { randomStream } from '../../math/random'
import type { PlanProblem, PlanSolution } from './problem'
import { SHARED_FATE, type Reliability } from './redundancy'

/** What may happen to a plan: how a running culture may be lost by each day, and how sure a start is. */
export interface Fates {
  /** Chance that a running culture is lost by a day, by its id. */
  lost: Readonly<Record<string, readonly number[]>>
  /** By id of the startable. */
  starts: Readonly<Record<string, Reliability>>
}

export interface Cover { brood: string, day: number, /** Share of its ration that is planned, and chance that it is there on the day. */ planned: number, probability: number }

export const FUTURES = 1000
/** A brood is covered when it gets this share of its ration. */
export const COVERED_FROM = 0.9

/**
 * Plays a plan through many futures in which cultures are lost, fail and are late. Nobody plans again in them: what a food lacks
 * is made good by what others have over, within what the mouth takes. The same seed gives the same answer.
 */
export function playFutures(p: PlanProblem, solution: PlanSolution, fates: Fates, seed: number, futures = FUTURES): Cover[] {
  const planned = plannedOrganisms(p, solution)
  const covered = new Float64Array(p.broodDays.length)
  const meals = p.broodDays.map(b => new Map(solution.meals.filter(m => m.brood === b.brood && m.day === b.day).map(m => [m.food, m.share])))
  for (let i = 0; i < futures; i++) {
    const supply = supplyOf(p, solution, fates, seed * 1_000_003 + i)
    const left = new Map<string, number>()
    const have = (food: string, day: number) => (p.freely.includes(food) ? Infinity : supply.get(food)?.[day] ?? 0)
    const got = p.broodDays.map((b, n) => b.foods.reduce((sum, f) => {
      const share = meals[n]!.get(f.food) ?? 0
      if (share <= 0) return sum
      const ratio = Math.min(1, have(f.food, b.day) / Math.max(1e-9, planned.get(`${f.food} ${b.day}`) ?? 0))
      return sum + share * (Number.isFinite(ratio) ? ratio : 1)
    }, 0))
    p.broodDays.forEach((b, n) => {
      for (const f of b.foods) {
        if (got[n]! >= COVERED_FROM) break
        const key = `${f.food} ${b.day}`
        const spare = left.get(key) ?? Math.max(0, have(f.food, b.day) - (planned.get(key) ?? 0))
        const add = Math.min(1 - got[n]!, Math.max(0, f.most - (meals[n]!.get(f.food) ?? 0)), spare / f.organisms)
        got[n]! += add
        left.set(key, spare - add * f.organisms)
      }
      if (got[n]! >= COVERED_FROM) covered[n]!++
    })
  }
  return p.broodDays.map((b, n) => ({ brood: b.brood, day: b.day, planned: [...meals[n]!.values()].reduce((s, x) => s + x, 0), probability: covered[n]! / futures }))
}

/** Organisms that the meals of a plan ask for, by food and day. */
function plannedOrganisms(p: PlanProblem, solution: PlanSolution): Map<string, number> {
  const whole = new Map(p.broodDays.flatMap(b => b.foods.map(f => [`${b.brood} ${b.day} ${f.food}`, f.organisms] as const)))
  const sum = new Map<string, number>()
  for (const m of solution.meals) {
    const key = `${m.food} ${m.day}`
    sum.set(key, (sum.get(key) ?? 0) + m.share * (whole.get(`${m.brood} ${m.day} ${m.food}`) ?? 0))
  }
  return sum
}

/** What there is of each food on each day of one future. */
function supplyOf(p: PlanProblem, solution: PlanSolution, fates: Fates, seed: number): Map<string, Float64Array> {
  const chance = randomStream(seed)
  const supply = new Map<string, Float64Array>()
  const of = (food: string) => {
    const known = supply.get(food) ?? new Float64Array(p.days)
    supply.set(food, known)
    return known
  }
  for (const r of p.running) {
    const u = chance.next()
    const days = of(r.food)
    for (let d = 0; d < p.days && !((fates.lost[r.id]?.[d] ?? 0) > u); d++) days[d]! += r.surplus[d] ?? 0
  }
  // Vessels of one start stand together: an urn that remembers failures gives pairs the fate they share.
  const mass = (1 - SHARED_FATE) / SHARED_FATE
  for (const s of solution.starts) {
    const start = p.startable.find(x => x.id === s.startable)!
    const { failure, readyLogSd } = fates.starts[s.startable]!
    let failed = 0
    for (let v = 0; v < s.vessels; v++) {
      const fails = chance.next() < (failure * mass + failed) / (mass + v)
      const lag = Math.exp(chance.normal(0, readyLogSd))
      if (fails) {
        failed++
        continue
      }
      const days = of(start.food)
      // A fast vessel is held at the end of what is known of its course.
      for (let d = s.day; d < p.days; d++) days[d]! += start.gives[Math.min(start.gives.length - 1, Math.floor((d - s.day) / lag))] ?? 0
    }
  }
  return supply
}
