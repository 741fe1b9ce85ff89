import type { BroodDay } from './problem'

/** A brood is covered when it gets this share of its ration. */
export const COVERED_FROM = 0.9

/**
 * What steps in when a food fails on the day: the others that the mouth takes, those of the ladder first and then by how much of
 * the ration they may make, as far as there is something over. Used by the futures of a plan and by first aid in the Round.
 * @param got share of the ration that is there already
 * @param given share of each food that is in it, in the order of the day's foods
 * @param spare organisms of a food that nobody else wants that day
 * @returns shares to add, in the order of the day's foods
 */
export function stepIn(day: BroodDay, got: number, given: readonly number[], spare: (food: string) => number): number[] {
  const add = day.foods.map(() => 0)
  let lacks = Math.max(0, 1 - got)
  const order = day.foods.map((f, i) => ({ f, i })).sort((a, b) => b.f.preferred - a.f.preferred || b.f.most - a.f.most)
  for (const { f, i } of order) {
    if (lacks <= 1e-9) break
    const share = Math.min(lacks, Math.max(0, f.most - given[i]!), spare(f.food) / Math.max(1e-9, f.organisms))
    add[i] = Math.max(0, share)
    lacks -= add[i]!
  }
  return add
}

/** Days after which a start that has not come good is given up: half as long again as it usually takes. */
export const givenUpAfter = (readyDays: number) => Math.ceil(readyDays * 1.5)
/** Days from a loss that is seen to the next start: the round after. */
export const RESTART_AFTER = 1
