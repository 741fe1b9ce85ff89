import { type Instant } from '@renatus/core/time/localDate';
import { type KnownRoom } from './knownRoom';
/** How large a room is, and in which mood it was set up. */
export interface RoomPlan {
    seed: number;
    now: Instant;
    broods: number;
    cultures: number;
    cones: number;
    /** Salt-water broods among them. */
    marine?: boolean;
    /** Places the vessels and tanks stand at. */
    places?: number;
    /** Dry and frozen food that is kept. */
    kept?: boolean;
}
/**
 * A room of any size, the same for the same seed: broods of all ages, cultures of all foods, cones, stores.
 * With it the cultures as they really are, so that tests need not read them by the filter.
 */
export declare function manyRooms(p: RoomPlan): KnownRoom;
/** The room that a careful person can still keep: 25 broods, 40 cultures, 12 cones. */
export declare const largeRoom: (now: Instant, seed?: number) => KnownRoom;
