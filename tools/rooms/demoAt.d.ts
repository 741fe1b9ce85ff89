import type { RoomFile } from '@renatus/core/formats/roomFile';
import type { Instant } from '@renatus/core/time/localDate';
/** The loft as JSON: lived once for a state of the code, then read from the cache of the packages. */
export declare function loftText(): string;
/** The demo room at an instant, for tests and benches. */
export declare const demoAt: (now: Instant, timeZone: string) => RoomFile;
