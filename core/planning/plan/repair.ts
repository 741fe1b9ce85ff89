import type { BroodDay } from './problem'

/** A brood is covered when it gets this share of its ration. */
export const COVERED_FROM = 0.9

/**
 * Who steps in first when a food fails on the day: those of the ladder, then by how much of the ration they may make.
 * One rule for the futures of a plan and for first aid in the Round.
 */
export const steppingOrder = (day: Pick<BroodDay, 'foods'>): number[] =>
  day.foods
    .map((f, i) => ({ f, i }))
    .sort((a, b) => b.f.preferred - a.f.preferred || b.f.most - a.f.most)
    .map(x => x.i)

/** Share of the ration that a food adds: no more than lacks, than the mouth takes of it, than there is over. */
export const stepInShare = (lacks: number, mayAdd: number, spare: number): number =>
  Math.max(0, Math.min(lacks, mayAdd, spare))

/**
 * What steps in on a day, by the rule above.
 * @param got share of the ration that is there already
 * @param given share of each food that is in it, in the order of the day's foods
 * @param spare organisms of a food that nobody else wants that day
 * @returns shares to add, in the order of the day's foods
 */
export function stepIn(
  day: Pick<BroodDay, 'foods'>,
  got: number,
  given: readonly number[],
  spare: (food: string) => number,
): number[] {
  const add = day.foods.map(() => 0)
  let lacks = Math.max(0, 1 - got)
  for (const i of steppingOrder(day)) {
    const f = day.foods[i]!
    add[i] = stepInShare(lacks, f.most - given[i]!, spare(f.food) / Math.max(1e-9, f.organisms))
    lacks -= add[i]!
  }
  return add
}

/** Days after which a start that has not come good is given up: half as long again as it usually takes. */
export const givenUpAfter = (readyDays: number) => Math.ceil(readyDays * 1.5)
/** Days from a loss that is seen to the next start: the round after. */
export const RESTART_AFTER = 1
