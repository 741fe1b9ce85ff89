import type { Entry } from '@renatus/core/records/entries';
import type { TrialRecord } from '@renatus/core/records/records';
import { type Instant } from '@renatus/core/time/localDate';
/** Trials of the loft: one that has ended, and one that runs. */
export declare function trialShelf(begun: Instant, id: (ms: number) => string): {
    records: TrialRecord[];
    entries: Entry[];
};
