import type { RandomStream } from '@renatus/core/math/random';
import type { Draft } from '@renatus/core/records/draft';
import { type Entry } from '@renatus/core/records/entries';
import { type Instant } from '@renatus/core/time/localDate';
export type { Draft };
/** Where and when the person of the demo stands. */
export interface Context {
    at: Instant;
    chance: RandomStream;
    id: (ms: number) => string;
    /** Harvests of hatches so far. */
    harvest: number;
}
/** Entries of one act, as the loft's phone writes them. */
export declare function actOf(at: Instant, answers: string | null, drafts: readonly Draft[], id: (ms: number) => string): Entry[];
