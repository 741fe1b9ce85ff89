import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { Readings } from '@renatus/core/planning/reckoning/sourcesAt'
import type { Answer } from '@renatus/core/records/vocabulary'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { Settled } from '@renatus/core/stock/settled'
import type { Instant } from '@renatus/core/time/localDate'

/** Versions of what a page holds, of one engine: only what has changed is handed over again. */
export interface Held {
  engine: string
  log: number
  state: number
  round: number
}

export interface RoomQuestion {
  database: string
  now: Instant
  /** The round is reckoned even though the log has not taught anything yet. */ hasty: boolean
  /** From now on the whole log is read: something that is settled is looked at. */ wide: boolean
  /**
   * Which readings the round is reckoned with. 0: none of this visit; there is no round then, unless those of
   * an earlier one hold.
   */
  readings: number
  held: Held | null
}

/** A state without its entries: those are handed over once. */
export type ToldState = Omit<RoomState, 'entries'>

/** What is at hand of the log, and what is known of the rest. */
export interface ToldLog {
  records: readonly AnyRecord[]
  /** Effective entries: so many of those that are held stay, and these follow. */
  entries: { keep: number; tail: readonly Entry[] }
  settled: Settled
  /** All entries, those that are settled too. */ count: number
  /** Id of the newest, and the latest instant of any. */ last: string | null
  newestAt: Instant | null
  /** Changes when there may be something new to learn. */ teaches: string
  /** The working log is to be made anew. */ stale: boolean
  /** The log was worked through before. */ taught: boolean
  /** Things of which something is left out of what is at hand. */ left: readonly string[]
}

/** Readings of an earlier visit with which a room began. */
export interface Begun {
  /** To name them by in later questions; below 0. */ number: number
  readings: readonly CultureReading[]
}

/** The readings that were named are not here: they are to be given first. */
export type RoomAnswer = { lacks: true } | RoomTold

export interface RoomTold {
  lacks: false
  held: Held
  /** The round waits for what the log has to teach. */ untaught: boolean
  /** Null: the readings that were named, or none. */ begun: Begun | null
  /** Null: as it is held. */
  log: ToldLog | null
  state: { now: ToldState | null } | null
  round: { state: ToldState | null; round: Round | null } | null
}

/** What a person said to a stop, as it was on the screen. */
export interface StopQuestion {
  stop: Stop
  how: Answer
  given: unknown
  roundKey: string
  now: Instant
}

export type { Readings }
