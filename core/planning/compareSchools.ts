import type { Food, FoodMethod } from '../foods/contract'
import { simulate } from '../foods/simulate'

/** What a school trades against the others. */
export interface SchoolSummary {
  methodId: string
  /** Days to ready, 80 % of those that become ready; null when none does within sixty days. */
  readyDays: { p10: number; p50: number; p90: number } | null
  /** Share that goes wrong before it is of use: the school's own, else that of the food. */
  failure: number
  steps: number
  /** Waits of the start, minutes. */
  waitMinutes: number
  /** Times a week that it is fed or changed; looks and harvests come on top. */
  handsPerWeek: number
  lastsDays: number
  buy: string[]
  materials: readonly string[]
}

const DAYS = 60
const RUNS = 100
const SEED = 11
/** A feed once clear comes about so often; a feed of what thins hardly ever. */
const CLEARS_PER_WEEK = 5
const THINS_PER_WEEK = 0.3

function feedsPerWeek(feed: FoodMethod['feed']): number {
  if (feed === null) return 0
  if (feed.when === 'every') return 7 / (feed.everyDays ?? 7)
  return feed.when === 'clear' ? CLEARS_PER_WEEK : THINS_PER_WEEK
}

function handsPerWeek(m: FoodMethod): number {
  return (
    feedsPerWeek(m.feed) +
    m.upkeep.filter(u => u.action === 'waterChange').reduce((n, u) => n + 168 / u.everyH, 0)
  )
}

/** Runs one school a hundred times at a temperature; the same seed for each, so that they differ by what they do. */
export function summariseSchool(
  food: Food,
  method: FoodMethod,
  volumeL: number,
  temperatureC: number,
): SchoolSummary {
  const run = simulate({
    food,
    method,
    setup: { volumeL },
    temperature: () => temperatureC,
    days: DAYS,
    actions: [],
    seed: SEED,
    runs: RUNS,
  })
  return {
    methodId: method.id,
    readyDays: run.readyDay,
    failure:
      method.sets.failure ?? Math.min(1, food.reliability.failure * (method.factors.failure ?? 1)),
    steps: method.start.length,
    waitMinutes: method.start.reduce((n, s) => n + (s.clockMinutes ?? 0), 0),
    handsPerWeek: handsPerWeek(method),
    lastsDays: method.renewAfterDays,
    buy: method.measures.filter(m => m.buy).map(m => m.what),
    materials: method.materials,
  }
}
