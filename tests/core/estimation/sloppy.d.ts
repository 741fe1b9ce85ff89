import type { Observation } from '@renatus/core/estimation/observation';
import type { Subject } from '@renatus/core/estimation/subject';
import { type Culture } from '@renatus/core/foods/culture';
/** What the method card says of any vessel: ready on this day, late after that one. */
export declare function fixedDayRule(foodId: string, methodId: string): {
    readyDay: number;
    lateDay: number;
    cardC: number;
};
/** A room that does not keep to the book, and who looks at it: none of it is told to the filter. */
export interface World {
    /** Factor on growth, and degrees by which vessels are warmer than the thermometer says. */
    growth: number;
    warmerC: number;
    /** Grades by which everything is seen too well; factor on the noise of the eye; looks are had on one day in so many. */
    rosy: number;
    noise: number;
    everyDays: number;
}
export declare const BOOK: World;
export declare const UNLIKE: World;
export declare const WORLDS: Readonly<Record<string, World>>;
/** A culture whose truth the filter does not see, looked at every day or two (a hatch every few hours) by somebody whose grades are sloppy. */
export declare function sloppyCulture(foodId: string, methodId: string, days: number, seed: number, happens?: (at: {
    culture: Culture;
    h: number;
}) => void, factors?: Record<string, number>, world?: World): {
    subject: Subject;
    observations: Observation[];
    atH: number;
    density: number;
    readiness: import("@renatus/core/dynamics/contract").Readiness;
    readyH: number | null;
};
