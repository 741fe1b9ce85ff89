import { FIRST_PULL_D } from '../../dynamics/hatch/handling'
import { compare } from '../../math/compare'
import { addDays, type LocalDate } from '../../time/localDate'
import { STORE_LEAD_D } from '../../foods/buying'
import { benchLacks, type BenchPart } from './assumedBench'
import type { PlanProblem, PlanSolution } from './problem'
import type { PlanRequest } from './request'
import { standbyOf } from './standby'
import { comesInDays } from './storesComing'

/** What a plan counts on and the room has not: to be got before it can be worked by. */
export interface PlanGet {
  food: string
  /** Of a bench, what lacks; null for a food that does not grow. */
  parts: BenchPart[] | null
  /** It must be ordered by then, and can be here so many days later. */
  by: LocalDate
  comes: LocalDate
  forBrood: string
  neededOn: LocalDate
}

/** A meal below this share is no reason to buy anything. */
const WORTH = 0.02

/** @param hatchedFrom days until what lacks at the bench is here; 0 where nothing does */
export function planGets(
  r: PlanRequest,
  p: PlanProblem,
  solution: PlanSolution,
  hatchedFrom: number,
): PlanGet[] {
  const isStandby = standbyOf(p)
  const meals = [...solution.meals]
    .filter(m => m.share >= WORTH && !isStandby(m))
    .sort((a, b) => a.day - b.day)
  const get = (food: string, parts: BenchPart[] | null, ahead: number): PlanGet[] => {
    const first = meals.find(m => m.food === food)
    if (!first) return []
    const by = Math.max(0, first.day - ahead)
    return [
      {
        food,
        parts,
        by: addDays(r.from, by),
        comes: addDays(r.from, by + STORE_LEAD_D),
        forBrood: first.brood,
        neededOn: addDays(r.from, first.day),
      },
    ]
  }
  const stores = p.freely
    .filter(food => comesInDays(r.state, food) === null)
    .flatMap(food => get(food, null, STORE_LEAD_D))
  const bench = hatchedFrom > 0 && p.hatching ? p.hatching.food : null
  const hatch = bench ? get(bench, benchLacks(r.state), hatchedFrom + FIRST_PULL_D) : []
  return [...hatch, ...stores].sort((a, b) => compare(a.by, b.by))
}
