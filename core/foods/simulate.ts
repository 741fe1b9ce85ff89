import type { Action, Look, Readiness, Stage } from '../dynamics/contract'
import { randomStream } from '../math/random'
import type { Food, FoodMethod } from './contract'
import {
  runCulture,
  startCulture,
  STEP_H,
  withoutUpkeep,
  type Culture,
  type CultureSetup,
} from './culture'

export interface DayAction extends Action {
  day: number
}

export interface SimulateInput {
  food: Food
  method: FoodMethod
  setup: CultureSetup
  temperature(day: number): number
  days: number
  actions: readonly DayAction[]
  seed: number
  /** 1: the median parameters, without chance. */
  runs: number
  stepH?: number
}

export interface SimulatedDay {
  day: number
  stage: Stage
  readiness: Readiness
  look: Look
  organisms: number
  perMl: number | null
  perCm2: number | null
  dryMg: number
  surplusPerDay: number
  p10?: number
  p50?: number
  p90?: number
}

export interface Simulated {
  days: SimulatedDay[]
  failedShare: number
  readyDay: { p10: number; p50: number; p90: number } | null
}

const quantile = (sorted: ArrayLike<number>, share: number): number => {
  const at = share * (sorted.length - 1)
  const lo = Math.floor(at)
  return sorted[lo]! + (sorted[Math.min(lo + 1, sorted.length - 1)]! - sorted[lo]!) * (at - lo)
}

/** One run day by day; `onDay` sees the culture at the start of each day, after that day's actions. Returns when it was first ready, d, or null. */
function walk(
  c: Culture,
  i: SimulateInput,
  chance: ReturnType<typeof randomStream> | null,
  onDay: (day: number) => void,
): number | null {
  let ready: number | null = null
  const actions = [...i.actions].sort((a, b) => a.day - b.day)
  let next = 0
  const stepH = i.stepH ?? STEP_H
  const look = () => {
    if (ready === null && c.family.readiness(c.state, c.params) === 'ready') ready = c.ageH / 24
  }
  for (let day = 0; day <= i.days; day++) {
    onDay(day)
    if (day === i.days) break
    for (let h = 0; h < 24 - 1e-9; h += stepH) {
      while (next < actions.length && actions[next]!.day <= day + h / 24 + 1e-9) {
        c.family.act(c.state, c.params, actions[next]!)
        next++
      }
      runCulture(c, stepH, i.temperature, chance, stepH)
      look()
    }
  }
  return ready
}

/** Runs a culture under its method: the kinds of action that are given replace what the method does by itself. */
export function simulate(i: SimulateInput): Simulated {
  const kinds = [...new Set(i.actions.map(a => a.kind))]
  const open = (chance: ReturnType<typeof randomStream> | null) =>
    withoutUpkeep(startCulture(i.food, i.method, i.setup, chance), kinds)
  const environmentAt = (day: number) => ({ temperatureC: i.temperature(day) })
  const days: SimulatedDay[] = []
  const median = open(null)
  const ready = walk(median, i, null, day => {
    const { family, state, params } = median
    days.push({
      day,
      stage: family.stage(state, params),
      readiness: family.readiness(state, params),
      look: family.look(state, params),
      ...family.stock(state, params),
      surplusPerDay: family.surplusPerDay(state, params, environmentAt(day)),
    })
  })
  // Crashed, or went wrong without ever having been of use.
  const failed = (c: Culture, readyAt: number | null) => {
    const end = c.family.readiness(c.state, c.params)
    return end === 'failed' || (readyAt === null && end === 'failing') ? 1 : 0
  }
  if (i.runs <= 1)
    return {
      days,
      failedShare: failed(median, ready),
      readyDay: ready === null ? null : { p10: ready, p50: ready, p90: ready },
    }

  const organisms = days.map(() => new Float64Array(i.runs))
  const readyDays: number[] = []
  let lost = 0
  for (let run = 0; run < i.runs; run++) {
    const chance = randomStream(i.seed * 1_000_003 + run)
    const c = open(chance)
    const at = walk(c, i, chance, day => {
      organisms[day]![run] = c.family.stock(c.state, c.params).organisms
    })
    if (at !== null) readyDays.push(at)
    lost += failed(c, at)
  }
  readyDays.sort((a, b) => a - b)
  return {
    days: days.map((d, n) => {
      const sorted = organisms[n]!.sort()
      return {
        ...d,
        p10: quantile(sorted, 0.1),
        p50: quantile(sorted, 0.5),
        p90: quantile(sorted, 0.9),
      }
    }),
    failedShare: lost / i.runs,
    readyDay:
      readyDays.length === 0
        ? null
        : {
            p10: quantile(readyDays, 0.1),
            p50: quantile(readyDays, 0.5),
            p90: quantile(readyDays, 0.9),
          },
  }
}
