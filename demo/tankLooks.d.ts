import type { TankStop } from '@renatus/core/round/stops/tank/find';
import type { RoomState } from '@renatus/core/stock/roomState';
import type { Context, Draft } from './draft';
/** What the person of the demo sees at one tank: bellies now and then, trials, a ruler at the glass. */
export declare function tankLooks(stop: TankStop, state: RoomState, c: Context): Draft[];
