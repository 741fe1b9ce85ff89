import type { PlayedGame } from '@renatus/core/practice/playedGame';
import { type LearningCache } from '@renatus/core/estimation/learning/learnRoom';
import type { Entry } from '@renatus/core/records/entries';
import type { AnyRecord } from '@renatus/core/records/records';
import type { Learned } from '@renatus/core/stock/learned';
import { type Instant, type LocalDate } from '@renatus/core/time/localDate';
import { type RoundReadings } from './livedReadings';
export declare const LOFT_SEED = 7;
/** Eight weeks of the loft and the whole of one day more, lived once; what is opened is moved to the day it is opened on. */
export interface Loft {
    /** The last day that was lived, in the zone. */
    today: LocalDate;
    timeZone: string;
    records: AnyRecord[];
    entries: Entry[];
    /** What the log had taught by the first round of the last day. */
    learning: {
        learned: Learned;
        cache: LearningCache;
    };
    /** What was believed at each round of the last day. */
    readings: RoundReadings[];
    /** Two weeks of exercises; they are no part of the room. */
    practice: PlayedGame[];
}
/** The room as it stood before an instant: what came later is not there, what was removed later is. */
export declare const before: <T extends {
    records: readonly AnyRecord[];
    entries: readonly Entry[];
}>({ records, entries }: T, at: Instant) => {
    records: AnyRecord[];
    entries: Entry[];
};
/** Same day and zone: same loft. It takes seconds: the build lives it once. */
export declare function livedLoft(today: LocalDate, timeZone: string): Loft;
