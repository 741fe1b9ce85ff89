import type { RoomFile } from '@renatus/core/formats/roomFile';
import { type Instant } from '@renatus/core/time/localDate';
import { type Loft } from './livedLoft';
import type { RoundReadings } from './livedReadings';
export interface DemoRoom {
    file: RoomFile;
    /** What its log has taught, to be gone on from. */
    learning: Loft['learning'];
    /** What is believed of all that grows at the round that is on; null where the clock was changed in its weeks. */
    readings: RoundReadings | null;
    /** Exercises of its person, which are kept beside the room. */
    practice: Loft['practice'];
}
/**
 * The demo room as it stands at an instant: records, and a log of eight weeks up to the round before the current one.
 * Same loft, instant and zone: same room.
 * @param lived the loft as JSON (livedLoft.ts)
 */
export declare function demoRoom(lived: string, now: Instant, timeZone: string): DemoRoom;
