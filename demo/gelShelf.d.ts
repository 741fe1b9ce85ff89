import { type Entry } from '@renatus/core/records/entries';
import { type AnyRecord } from '@renatus/core/records/records';
import { type Instant } from '@renatus/core/time/localDate';
import type { RoundOccurrence } from '@renatus/core/time/rounds';
/** Days the loft's box still lasts. */
export declare const GEL_DAYS = 4;
/** Diets, tray and what is at hand in the kitchen of the loft. */
export declare function gelShelf(records: readonly AnyRecord[], begun: Instant, id: () => string): AnyRecord[];
/** Somebody counted the box this week: what is in it lasts for some days. */
export declare function countedBox(records: readonly AnyRecord[], entries: readonly Entry[], past: readonly RoundOccurrence[], now: Instant, makeId: (ms: number) => string): Entry[];
