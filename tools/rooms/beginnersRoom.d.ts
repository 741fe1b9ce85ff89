import { type AnyRecord } from '@renatus/core/records/records';
import { type Instant } from '@renatus/core/time/localDate';
/**
 * A room in which nothing stands yet: two cones, a tin, a few foods that are to be kept, and broods that are expected in the next weeks.
 * The same for the same seed.
 */
export declare function beginnersRoom(seed: number, now: Instant): AnyRecord[];
