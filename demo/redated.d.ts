import { type LocalDate } from '@renatus/core/time/localDate';
export interface DayThere {
    today: LocalDate;
    timeZone: string;
}
/**
 * The text of a room moved to another day and zone: instants keep what the clock on the wall showed, dates their distance
 * from today, ids the time they were made at. Keys of rounds are dates with a clock time and move with them.
 */
export declare function redated(text: string, from: DayThere, to: DayThere): string;
