import type { Reason } from '@renatus/core/reasons/reason';
/** Works a reason's formula out from its inputs, as a reader would, and compares. */
export declare function compare(why: Reason, value: number): void;
