import type { RandomStream } from '@renatus/core/math/random';
import type { Entry } from '@renatus/core/records/entries';
import type { AnyRecord } from '@renatus/core/records/records';
import type { RoundOccurrence } from '@renatus/core/time/rounds';
import { type LoftCulture } from './cultures';
/**
 * The log of some weeks, lived round by round: one person does what Renatus proposes, by the same answers as the page,
 * with the luck and the sloppiness of a person.
 * @returns entries in order of time, and the records with those that answers added
 */
export declare function livedWeeks(records: readonly AnyRecord[], cultures: readonly LoftCulture[], rounds: readonly RoundOccurrence[], chance: RandomStream, id: (ms: number) => string): {
    entries: Entry[];
    records: AnyRecord[];
};
