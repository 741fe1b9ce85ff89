import type { Food, FoodMethod } from '../../foods/contract'
import { budgetOf } from '../../time/roundBudget'
import { addDays, type LocalDate } from '../../time/localDate'
import type { RoundTime } from '../../time/rounds'
import { LOOK_AFTER_H } from '../tending'
import type { BroodDay, Hatching, Running } from './problem'

const LOOK_MIN = 0.5
const FEED_MIN = 1.5
/** Feeds a day where it is fed whenever it has cleared, and where it is fed when it thins (working estimates). */
const FEEDS_A_DAY = { clear: 2, thin: 0.2 } as const
/** Drawing from a vessel into a cup, once a day. */
const DRAW_MIN = 1.25
/** A tank at a round: the walk, one food or two, and what is seen there. */
const MEAL_MIN = 1.75
/** A hatch is started and another pulled on every day on which nauplii are eaten. */
const HATCH_MIN = 10
/** What is asked, ordered and looked at besides, on any day (working estimate). */
const ERRANDS_MIN = 3
/** From this share of a day's ration on somebody hatches for it. */
const HATCHED_FROM = 0.1

/** Feeds a day as a school has them. */
export const feedsADay = (feed: NonNullable<FoodMethod['feed']>): number =>
  feed.when === 'every' ? 1 / (feed.everyDays ?? 7) : FEEDS_A_DAY[feed.when]

/** Minutes a day of looking at a vessel, feeding it and drawing from it, over the days that it stands. */
export function tendMinutes(food: Food, method: FoodMethod): number {
  const { feed } = method
  const looks = (LOOK_MIN * 24) / LOOK_AFTER_H[food.profile.family]
  if (feed === null) return looks + DRAW_MIN
  return looks + DRAW_MIN + FEED_MIN * feedsADay(feed)
}

/** Minutes that the rounds of a day have together. */
const minutesOn = (rounds: readonly RoundTime[], date: LocalDate) =>
  rounds.reduce((sum, r) => sum + budgetOf(r, date), 0)

/** Minutes of the rounds on each of some days. */
export const minutesThere = (
  rounds: readonly RoundTime[],
  from: LocalDate,
  days: number,
): number[] => Array.from({ length: days }, (_, d) => minutesOn(rounds, addDays(from, d)))

const OVERTIME_SHARE = 0.5
/** Most that a day of so many minutes may run over before only hunger counts, minutes. */
export const mostOvertime = (there: number) => OVERTIME_SHARE * there

/** What takes minutes whatever is planned. */
interface Spoken {
  /** Rounds of a day, and how long they take against what is reckoned. */
  rounds: number
  pace: number
  broodDays: readonly BroodDay[]
  running: readonly Running[]
  hatching: Pick<Hatching, 'food'> | null
}

/** Minutes of the rounds of a day, and those that what stands and is fed already takes, in the middle of the days. */
export interface Labour {
  there: number
  taken: number
}

const mean = (all: readonly number[]) =>
  all.reduce((sum, m) => sum + m, 0) / Math.max(1, all.length)

export const labourOf = (there: readonly number[], open: readonly number[]): Labour => ({
  there: mean(there),
  taken: mean(there) - mean(open),
})

/**
 * Minutes that are left for new vessels on each day: those of the rounds, less meals, hatches and what stands already.
 * Below zero where these alone are more than the rounds have.
 * @param there minutes of the rounds of each day
 */
export function minutesOpen(
  there: readonly number[],
  { rounds, pace, broodDays, running, hatching }: Spoken,
): number[] {
  const left = there.map(minutes => minutes - ERRANDS_MIN * pace)
  const hatches = new Set<number>()
  for (const b of broodDays) {
    if (b.standby) continue
    left[b.day]! -= MEAL_MIN * rounds * pace
    if (b.foods.some(f => f.food === hatching?.food && f.preferred >= HATCHED_FROM))
      hatches.add(b.day)
  }
  for (const day of hatches) left[day]! -= HATCH_MIN * pace
  for (const r of running)
    r.surplus.forEach((spared, day) => {
      if (spared > 0 && day < left.length) left[day]! -= r.dayMinutes
    })
  return left
}
