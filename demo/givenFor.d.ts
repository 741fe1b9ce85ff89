import type { Stop } from '@renatus/core/round/stop';
import type { RoomState } from '@renatus/core/stock/roomState';
import type { Context } from './draft';
/**
 * What the person of the demo says to a stop: null as proposed, `left` for what stays open.
 * Starts and orders of a plan are not among them: no plan is kept while the weeks are lived.
 */
export declare function givenFor(stop: Stop, state: RoomState, c: Context): unknown;
