import { type PlanRequest } from '@renatus/core/planning/plan/request';
import { type Solver } from '@renatus/core/math/solver';
import type { Entry } from '@renatus/core/records/entries';
import type { AnyRecord, CultureRecord } from '@renatus/core/records/records';
export declare const NOW = "2026-03-10T05:00:00.000Z";
export declare const EXACT: {
    nodes: number;
    seconds: number;
    gap: number;
};
/** One solver for all tests of a run. */
export declare const theSolver: () => Promise<Solver>;
export interface Small {
    species?: string;
    freeOn?: string;
    cultures?: CultureRecord[];
    foods?: string[];
    fry?: number;
    grams?: number;
    vessels?: number;
    entries?: Entry[];
    more?: AnyRecord[];
    now?: string;
}
/** A room whose fry swim free on a day and can take small food first. */
export declare function smallRoom(o?: Small, more?: Partial<PlanRequest>): PlanRequest;
export declare const planOf: (solver: Solver, o?: Small, more?: Partial<PlanRequest>) => import("@renatus/core/planning/plan/planRoom").CulturePlan;
