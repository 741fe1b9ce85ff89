import type { SolveLimits, Solver } from '@renatus/core/math/solver';
import { type PlanChange } from '@renatus/core/planning/plan/planDifference';
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom';
import { type Instant } from '@renatus/core/time/localDate';
import { type KnownRoom } from './knownRoom';
/** A morning of a planned room: what was kept so far, and what the plan of the day would do otherwise. */
interface Morning {
    day: number;
    kept: CulturePlan['starts'];
    changes: PlanChange[];
}
/**
 * Days of a room that keeps its first plan and does what every round says, planned anew each morning up to the same last day.
 * @returns one morning a day; the first has kept the plan and changes nothing
 */
export declare function plannedDays(first: KnownRoom, from: Instant, days: number, solver: Solver, limits?: SolveLimits): Morning[];
export {};
