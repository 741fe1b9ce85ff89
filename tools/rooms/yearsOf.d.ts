import type { Entry } from '@renatus/core/records/entries';
import type { AnyRecord } from '@renatus/core/records/records';
interface Weeks {
    records: readonly AnyRecord[];
    entries: readonly Entry[];
}
/**
 * Years of a room: its eight weeks, and the same weeks again and again before them, of vessels, broods and stores that have ended.
 * @param wanted entries in all
 */
export declare function yearsOf(room: Weeks, wanted: number): {
    records: AnyRecord[];
    entries: Entry[];
};
export {};
