/** A plan as the solver sees it: plain numbers, days counted from the first. */

/** A food as one brood takes it on one day. */
export interface EatenFood {
  food: string
  /** Share of the ration that the ladder would give it, and most that it may be given: 0 where it does not fit. */
  preferred: number
  most: number
  /** Animals for the whole ration of it alone. */
  organisms: number
  /** How well it suits, 0 to 1. */
  worth: number
}

/** What one brood eats on one day. Shares of its dry ration: 1 is the whole of it. */
export interface BroodDay {
  brood: string
  day: number
  /** Before the day on which it is expected: its food stands ready in case it comes early. */
  standby?: boolean
  /** Days that this one stands for; 1 where nothing is said. */
  weight?: number
  foods: readonly EatenFood[]
}

/** What a running culture gives, day by day: organisms that may be taken. */
export interface Running {
  id: string
  food: string
  surplus: readonly number[]
  /** Minutes a day that it takes while it gives. */
  dayMinutes: number
}

/** A way to start a vessel: what it gives on each day after its start, in which vessels, and what it costs. */
export interface Startable {
  id: string
  food: string
  /** Organisms a day, by days since the start. */
  gives: readonly number[]
  /** Class of vessels it stands in, and days for which it holds one. */
  vessel: string
  holdsDays: number
  /** Minutes of its start, and a day while it stands. */
  startMinutes: number
  dayMinutes: number
  /** First day on which it can be started: a bought starter has to come first. */
  fromDay: number
}

/**
 * What hatches can bring: animals a day that the vessels hold at most, and the cysts that are left for them.
 * Whole hatches at whole rounds are chosen afterwards (plannedHatches.ts): as whole numbers in here their fixed labour would keep the gap open.
 */
export interface Hatching {
  food: string
  /** Full-yolk animals of hatches that run and of the fridge, free of further cysts: eaten on their day, or on the next out of the fridge. */
  onHand: readonly { day: number; useful: number }[]
  /** Share of their worth that is left on the next day. */
  keeps: number
  /** In the freezer: for any day, but only once. */
  frozen: number
  /** No bottle can be filled before this day. */
  fromDay: number
  /** Most that new hatches can bring on each day. */
  most: readonly number[]
  /** Cysts for one animal, and those that are left, g. */
  gramsEach: number
  gramsLeft: number
  /** Of a gram, in the units of the price tag. */
  costPerGram: number
}

/** A food that the room has no line of yet: what it costs to begin with it, however many vessels follow. */
export interface Line {
  food: string
  /** Attention over the days of the plan, minutes. */
  minutes: number
  /** Of its starter, in the units of a price tag; 0 where it needs none. */
  cost: number
}

/** So many vessels of a way on a day: set by hand, or begun. */
export interface StartOn {
  startable: string
  day: number
  vessels: number
}

export interface PlanProblem {
  days: number
  /** Of the first day in the count of days: what is planned for one day of several stays on it when a day passes. */
  phase: number
  broodDays: readonly BroodDay[]
  running: readonly Running[]
  startable: readonly Startable[]
  lines: readonly Line[]
  /** Minutes that are left for new vessels on each day; Infinity where nobody counts them. */
  minutes: readonly number[]
  /** Half as many minutes again as the rounds of each day have: beyond these only hunger counts. */
  overtime: readonly number[]
  /** Free vessels by class and day. */
  vessels: Readonly<Record<string, readonly number[]>>
  /** Foods that are at hand in any amount: bought, or planned elsewhere. */
  freely: readonly string[]
  /** Starts of the kept plan: it is held against the new one (keptOrNew.ts); the programme knows none of them. */
  begun: readonly StartOn[]
  hatching: Hatching | null
  /** Starts that somebody set by hand: at least these are made. */
  pinned: readonly StartOn[]
  /** Nothing but what is pinned is started: to judge a plan as it stands. */
  onlyPinned: boolean
  /** Days on which nobody starts anything. */
  idle: readonly number[]
}

/** From this share of a day's ration on a food is needed. */
export const NEEDED_FROM = 0.05

/** Weights of the objective: one unit of each, against the whole ration of a brood that goes without on one day. */
export const WEIGHTS = {
  shortage: 1000,
  /** The same for the tenth that lacks on a day which still counts as fed. */
  nearlyFed: 20,
  minutes: 0.02,
  /** A minute over those that a day has; and one beyond half as many again, which only hunger is worth. */
  overtime: 0.5,
  starving: 8,
  cost: 0.5,
  /**
   * A share of a day by how much less it suits than the best there is for it: the same whatever else is ticked,
   * but for a constant.
   */
  lesser: 3,
  /** Between foods that suit alike the ladder decides, and nothing is begun for it. */
  deviation: 0.02,
  /** And for a share of a powder beyond the ladder by how little it suits: a living food stands in before it. */
  poor: 4,
  /** And for a share of what only bridges, within the ladder too, by how little it suits (working estimate). */
  bridges: 4,
} as const

export interface PlanSolution {
  status: 'optimal' | 'feasible' | 'time-limit' | 'infeasible'
  objective: number
  /** (best - bound) / max(1, |best|). */
  gap: number
  /** Time that the solver took, s. */
  seconds?: number
  starts: StartOn[]
  /** Share of its ration that a brood gets of a food on a day. */
  meals: { brood: string; day: number; food: string; share: number }[]
  shortages: { brood: string; day: number; share: number }[]
}
