import { type CultureReading } from '@renatus/core/estimation/readCulture';
import type { Entry } from '@renatus/core/records/entries';
import type { AnyRecord } from '@renatus/core/records/records';
import type { Learned } from '@renatus/core/stock/learned';
import type { Instant } from '@renatus/core/time/localDate';
/** What was believed at a round of all that grew: as a device that was opened then keeps it. */
export interface RoundReadings {
    at: Instant;
    readings: CultureReading[];
}
/** Reads everything that grows in a room as the app does. @param at of the round */
export declare function livedReadings({ records, entries }: {
    records: readonly AnyRecord[];
    entries: readonly Entry[];
}, learned: Learned, at: Instant): RoundReadings;
