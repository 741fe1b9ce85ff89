import type * as z from 'zod'
import type { HygieneClass } from '../foods/contract'
import type { Draft, RecordDraft } from '../records/draft'
import type { Reckoning } from '../planning/reckoning/reckon'
import type { RoomState } from '../stock/roomState'
import type { Instant } from '../time/localDate'
import type { RoundContext } from './roundContext'
import type { Stop } from './stop'
import type { Thing } from './thing'

/** Where a stop stands in a round: paper first, then what thaws, cultures by hygiene, tanks, kitchen. */
export type Station = 'paper' | 'thaw' | 'cultures' | 'tanks' | 'kitchen'
export interface Rank {
  station: Station
  hygiene: HygieneClass | null
}

/** One thing of a stop as a sentence with its parts: for card, paper, calendar, table and terminal. */
export interface StopLine {
  subject: string
  verb: string
  /** Null where an amount makes no sense. */
  amount: number | null
  unit: string
  text: string
  /** The part of the text that is the amount: the largest thing on a stop. */
  big?: string
  why: string
  /** A wait that starts with it. */
  clock?: { minutes: number; until: Instant }
}

/** What a tap writes. */
export interface Written {
  entries: Draft[]
  records: RecordDraft[]
  /** In a few words, for the line that offers Undo. */
  said: string
}

/** Where answers are written from: the state of the round, and ids nobody has yet. */
export interface AnswerContext {
  state: RoomState
  roundKey: string
  /** What the round draws for whom: it holds from the first answer on. */
  reckoning: Pick<Reckoning, 'draws' | 'gaps'>
  now: Instant
  newId: () => string
}

/** What a stop says, and how long it takes: all that who only shows stops has to know; listed in stopTellings.ts. */
export interface StopTelling<S extends Stop> {
  kind: S['kind']
  words(stop: S, state: RoomState): StopLine[]
  /** Minutes of hands (working estimates of a practised person). */
  minutes(stop: S): number
}

/** What a kind of stop is beside what it says: one folder each under stops/, listed in stopKinds.ts. */
export interface StopKind<S extends Stop, G = unknown> {
  kind: S['kind']
  find(c: RoundContext): S[]
  rank(stop: S): Rank
  /** What must be at hand before it is begun. */
  fetch(stop: S, state: RoomState): Thing[]
  /** What the person may say instead of what is proposed. */
  given: z.ZodType<G>
  /** What speaks against an answer: more than there is. It is written where the person insists. */
  tooMuch?(stop: S, given: G): string | null
  /** What Done writes; `given` null where it was as proposed. */
  done(stop: S, given: G | null, c: AnswerContext): Written
  /** The stop without what may wait, and what waits; for stops that hold both. */
  parts?(stop: S): { must: S; may: S } | null
  /** As much of it as these minutes hold, and no less than its least part: the next round does the rest. */
  fit?(stop: S, minutes: number): S
  /** Whether its least part is done in any case, also where that is more than the minutes hold. */
  insists?(stop: S): boolean
  /** What Not now writes beside the answer itself. */
  notNow?(stop: S, c: AnswerContext): Written['entries']
  /** What "that is enough" writes: it ends what is planned beyond. */
  enough?(stop: S, c: AnswerContext): Written
}
