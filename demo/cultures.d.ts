import type { RandomStream } from '@renatus/core/math/random';
import { type Entry } from '@renatus/core/records/entries';
import { type AnyRecord, type CultureRecord } from '@renatus/core/records/records';
import type { Level, VesselKind } from '@renatus/core/records/vocabulary';
import { type Instant } from '@renatus/core/time/localDate';
import type { RoundOccurrence } from '@renatus/core/time/rounds';
import type { Draft } from './draft';
import type { Truth } from './truth';
/** A culture of the loft: started so many days before today, and whether the loft lives off it or lets it stand. */
interface DemoCulture {
    name: string;
    food: string;
    method: string;
    place: string;
    ago: number;
    litres: number;
    c: number;
    seed: number;
    harvest: boolean;
    level?: Level;
    kind?: VesselKind;
    from?: string;
    wild?: boolean;
    mother?: boolean;
    rolled?: boolean;
    ended?: {
        ago: number;
        how: 'used up' | 'failed';
    };
}
/** Records of the loft's cultures. */
export declare function loftCultures(rounds: readonly RoundOccurrence[], places: readonly AnyRecord[], begun: Instant, id: () => string): {
    cultures: CultureRecord[];
    set: AnyRecord;
};
export declare const loftPipette: (begun: Instant, id: () => string) => AnyRecord;
export declare const weighedPipette: (tool: AnyRecord, rounds: readonly RoundOccurrence[], id: (ms: number) => string) => Entry;
/** The thermometers of the racks, read once. */
export declare function loftAir(rounds: readonly RoundOccurrence[], places: readonly AnyRecord[], id: (ms: number) => string): Entry[];
/** A culture of the loft with how it is lived. */
export interface LoftCulture {
    record: CultureRecord;
    seed: number;
    from: string | null;
    wild: boolean;
    ended: DemoCulture['ended'];
    endsAt: Instant | null;
}
/** Records with how each was begun and ended. */
export declare function loftLives(records: readonly CultureRecord[], rounds: readonly RoundOccurrence[]): LoftCulture[];
/** How a culture began. */
export declare function startOf(c: LoftCulture, all: readonly LoftCulture[]): Draft;
/** How it ended, at its round. */
export declare function endsOf(c: LoftCulture, round: RoundOccurrence): Draft | null;
/** A look by eye, most mornings: graded by somebody who is in a hurry. */
export declare function looksOf(t: Truth, chance: RandomStream): Draft[];
export {};
