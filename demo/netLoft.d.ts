import { type AnyRecord } from '@renatus/core/records/records';
import { type LocalDate } from '@renatus/core/time/localDate';
/** How long the room has been kept, days. */
export declare const HISTORY_DAYS = 56;
/**
 * The records of an invented room: a converted net loft over a boathouse, two racks, a window shelf, a hatch bench, a fridge and a freezer shelf,
 * kept by one person before and after work. All dates are relative to today.
 */
export declare function netLoft(today: LocalDate, timeZone: string, begun: string, id: () => string): AnyRecord[];
