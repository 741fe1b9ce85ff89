/** A plan as the solver sees it: plain numbers, days counted from the first. */

/** What one brood eats on one day. Shares of its dry ration: 1 is the whole of it. */
export interface BroodDay {
  brood: string
  day: number
  /** By food: preferred share, most that it may be given (0 where it does not fit), and organisms for the whole ration of it alone. */
  foods: readonly { food: string, preferred: number, most: number, organisms: number }[]
}

/** What a running culture gives, day by day: organisms that may be taken. */
export interface Running { id: string, food: string, surplus: readonly number[] }

/** A way to start a vessel: what it gives on each day after its start, in which vessels, and what it costs. */
export interface Startable {
  id: string
  food: string
  /** Organisms a day, by days since the start. */
  gives: readonly number[]
  /** Class of vessels it stands in, and days for which it holds one. */
  vessel: string
  holdsDays: number
  minutes: number
  cost: number
  /** First day on which it can be started: a bought starter has to come first. */
  fromDay: number
}

export interface PlanProblem {
  days: number
  broodDays: readonly BroodDay[]
  running: readonly Running[]
  startable: readonly Startable[]
  /** Free vessels by class and day. */
  vessels: Readonly<Record<string, readonly number[]>>
  /** Foods that are at hand in any amount: bought, or planned elsewhere. */
  freely: readonly string[]
  /** Least number of starts of a food by a day, for backup. */
  least: readonly { food: string, byDay: number, starts: number, fromDay: number }[]
  /** Starts of the plan that is already begun: moving away from them costs. */
  begun: readonly { startable: string, day: number, vessels: number }[]
}

/** Weights of the objective: one unit of each, against the whole ration of a brood that goes without on one day. */
export const WEIGHTS = { shortage: 1000, minutes: 0.02, cost: 0.5, deviation: 1, moved: 0.5 } as const

export interface PlanSolution {
  status: 'optimal' | 'feasible' | 'time-limit' | 'infeasible'
  objective: number
  /** (best - bound) / max(1, |best|). */
  gap: number
  starts: { startable: string, day: number, vessels: number }[]
  /** Share of its ration that a brood gets of a food on a day. */
  meals: { brood: string, day: number, food: string, share: number }[]
  shortages: { brood: string, day: number, share: number }[]
}
