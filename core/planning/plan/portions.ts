import type { BroodDay, PlanSolution } from './problem'
import { COVERED_FROM, steppingOrder, stepInShare } from './repair'

/** What one list of a brood-day holds: entries `from[n]` up to `from[n + 1]` are those of day n. */
interface Entries {
  from: Int32Array
  /** First cell of the food in a table of foods by days. */ row: Int32Array
  share: Float64Array
  organisms: Float64Array
}

/** Brood-days in flat arrays: a thousand futures go through all of them. */
export interface Portions {
  days: readonly BroodDay[]
  /** Shares of the ration that are planned, and organisms that each takes. */ given: Entries
  /** Shares that may step in, in their order, and organisms of a whole ration. */ more: Entries
}

const entries = (
  lists: readonly (readonly [row: number, share: number, organisms: number][])[],
) => {
  const all = lists.flat()
  const from = new Int32Array(lists.length + 1)
  lists.forEach((list, n) => (from[n + 1] = from[n]! + list.length))
  return {
    from,
    row: Int32Array.from(all, e => e[0]),
    share: Float64Array.from(all, e => e[1]),
    organisms: Float64Array.from(all, e => e[2]),
  }
}

/**
 * Lays a plan's brood-days out for its futures.
 * @param row first cell of a food in the tables of supply and of what is wanted
 */
export function portionsOf(
  days: readonly BroodDay[],
  meals: PlanSolution['meals'],
  row: (food: string) => number,
): Portions {
  const share = new Map(meals.map(m => [`${m.brood}\n${m.day}\n${m.food}`, m.share]))
  const shareOf = (b: BroodDay, food: string) => share.get(`${b.brood}\n${b.day}\n${food}`) ?? 0
  return {
    days,
    given: entries(
      days.map(b =>
        b.foods.flatMap(f => {
          const given = shareOf(b, f.food)
          return given > 0 ? [[row(f.food), given, given * f.organisms] as const] : []
        }),
      ),
    ),
    more: entries(
      days.map(b =>
        steppingOrder(b).flatMap(k => {
          const f = b.foods[k]!
          const left = f.most - shareOf(b, f.food)
          return left > 0 ? [[row(f.food), left, f.organisms] as const] : []
        }),
      ),
    ),
  }
}

/** Share of its ration that is planned for a brood-day. */
export function plannedShare({ given }: Portions, n: number): number {
  let sum = 0
  for (let e = given.from[n]!; e < given.from[n + 1]!; e++) sum += given.share[e]!
  return sum
}

/** Adds what a brood-day takes by plan, on the day on which this future has it. */
export function addWanted(
  { given }: Portions,
  n: number,
  day: number,
  wanted: Float64Array,
  appetite: number,
): void {
  for (let e = given.from[n]!; e < given.from[n + 1]!; e++)
    wanted[given.row[e]! + day]! += given.organisms[e]! * appetite
}

/**
 * Share of its ration that a brood gets on a day of one future.
 * What steps in counts as wanted: nobody else gets it.
 */
export function fedShare(
  { given, more }: Portions,
  n: number,
  day: number,
  supply: Float64Array,
  wanted: Float64Array,
  appetite: number,
): number {
  let got = 0
  for (let e = given.from[n]!; e < given.from[n + 1]!; e++) {
    const cell = given.row[e]! + day
    got += given.share[e]! * Math.min(1, supply[cell]! / Math.max(1e-9, wanted[cell]!))
  }
  if (got >= COVERED_FROM) return got
  for (let e = more.from[n]!; e < more.from[n + 1]! && got < 1 - 1e-9; e++) {
    const cell = more.row[e]! + day
    const each = more.organisms[e]! * appetite
    const spare = (supply[cell]! - wanted[cell]!) / Math.max(1e-9, each)
    const add = stepInShare(1 - got, more.share[e]!, spare)
    wanted[cell]! += add * more.organisms[e]! * appetite
    got += add
  }
  return got
}
