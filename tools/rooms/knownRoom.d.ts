import type { Readings } from '@renatus/core/planning/reckoning/sourcesAt';
import type { Draft } from '@renatus/core/records/draft';
import { type Entry } from '@renatus/core/records/entries';
import { type AnyRecord } from '@renatus/core/records/records';
import { type StopAnswer } from '@renatus/core/round/answerStop';
import { type Round } from '@renatus/core/round/round';
import type { Stop } from '@renatus/core/round/stop';
import type { RoomState } from '@renatus/core/stock/roomState';
import { type Instant } from '@renatus/core/time/localDate';
/** A room whose cultures are known as they are: quick to read, and true to the log. */
export interface KnownRoom {
    records: AnyRecord[];
    entries: Entry[];
    seed: number;
}
export declare const readingKnown: (records: AnyRecord[], entries: Entry[], seed: number) => KnownRoom;
/** The round of a known room, from its log alone: the same log, the same round. */
export declare function knownRound(room: KnownRoom, now: Instant): {
    state: RoomState;
    readings: Readings;
    round: Round;
};
/** Answers a stop of a known room: the room with what the tap wrote, and the act for Undo. */
export declare function answered(room: KnownRoom, stop: Stop, answer: StopAnswer, state: RoomState, round: Round, now: Instant): {
    room: KnownRoom;
    act: string;
    drafts: Draft[];
};
/** Takes an act back. */
export declare function undone(room: KnownRoom, act: string, now: Instant): KnownRoom;
