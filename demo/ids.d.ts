import type { RandomStream } from '@renatus/core/math/random';
/** Ids of the demo room: of their time, and the same for the same seed. */
export declare function idMaker(chance: RandomStream): (ms: number) => string;
