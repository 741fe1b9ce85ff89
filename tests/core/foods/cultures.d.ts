import { type SimulateInput } from '@renatus/core/foods/simulate';
/** A simulated culture by names, for tests. */
export declare function simulated(foodId: string, methodId: string, c: number, days: number, more?: Partial<SimulateInput>): import("@renatus/core/foods/simulate").Simulated;
/** Nobody takes anything out. */
export declare const UNTOUCHED: {
    day: number;
    kind: 'takeOut';
}[];
export declare const readyDay: (food: string, method: string, c: number, days?: number) => number;
