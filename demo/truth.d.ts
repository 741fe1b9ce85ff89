import type { CultureReading } from '@renatus/core/estimation/readCulture';
import { type Culture } from '@renatus/core/foods/culture';
import { type RandomStream } from '@renatus/core/math/random';
import type { Entry } from '@renatus/core/records/entries';
import type { CultureRecord } from '@renatus/core/records/records';
import { type Instant } from '@renatus/core/time/localDate';
/** A culture as it really is, with its own luck; nobody in the loft sees it but by looking. */
export interface Truth {
    record: CultureRecord;
    culture: Culture;
    chance: RandomStream;
    readyH: number | null;
}
export declare function truthOf(record: CultureRecord, seed: number): Truth;
/** Moves a culture on to an instant. */
export declare function liveUntil(t: Truth, at: Instant): void;
/** What the log says was done to it, done. */
export declare function undergo(t: Truth, e: Entry): void;
/** A reading of somebody who knows the vessel well: what it is, with a little doubt. */
export declare function knownReading(t: Truth): CultureReading;
