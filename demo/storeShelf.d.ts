import type { Entry } from '@renatus/core/records/entries';
import type { MaterialRecord } from '@renatus/core/records/records';
import { type Instant } from '@renatus/core/time/localDate';
/** The stores of the loft, and what was bought of them. */
export declare function storeShelf(begun: Instant, id: (ms: number) => string): {
    records: MaterialRecord[];
    entries: Entry[];
};
