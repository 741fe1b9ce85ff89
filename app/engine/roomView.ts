import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Round } from '@renatus/core/round/round'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { Held, Readings, RoomTold, ToldLog, ToldState } from './roomQuestion'

/** The room as the engine tells it; what has not changed is the same object as before. */
export interface RoomView {
  held: Held
  log: Omit<ToldLog, 'entries'>
  entries: readonly Entry[]
  records: readonly AnyRecord[]
  state: RoomState | null
  roundState: RoomState | null
  round: Round | null
  untaught: boolean
  /** The readings of an earlier visit with which it began, and for which log and round they hold. */
  begun: { number: number; readings: Readings; log: number; at: string } | null
}

const withEntries = (told: ToldState | null, entries: readonly Entry[]): RoomState | null =>
  told && { ...told, entries }

type Rounds = Pick<RoomView, 'roundState' | 'round'>
const NO_ROUND: Rounds = { roundState: null, round: null }

/** Entries that stay, and those that follow. */
const entriesOf = (before: readonly Entry[], { entries }: ToldLog): readonly Entry[] => [
  ...before.slice(0, entries.keep),
  ...entries.tail,
]

const roundsOf = (told: NonNullable<RoomTold['round']>, entries: readonly Entry[]): Rounds => ({
  roundState: withEntries(told.state, entries),
  round: told.round,
})

function begunOf(
  { begun, held }: RoomTold,
  before: RoomView | null,
  at: string | undefined,
): RoomView['begun'] {
  if (!begun || at === undefined) return before?.begun ?? null
  const readings = new Map(begun.readings.map(r => [r.id, r]))
  return { number: begun.number, readings, log: held.log, at }
}

/** What was known, with what has changed; null while nothing of the log has come. */
export function withTold(before: RoomView | null, told: RoomTold): RoomView | null {
  const { held, untaught } = told
  const log = told.log ?? before?.log
  if (!log) return null
  const known = before?.entries ?? []
  const entries = told.log ? entriesOf(known, told.log) : known
  const state = told.state ? withEntries(told.state.now, entries) : (before?.state ?? null)
  const same = before ?? NO_ROUND
  const { roundState, round } = told.round ? roundsOf(told.round, entries) : same
  const begun = begunOf(told, before, roundState?.now)
  return { held, untaught, log, entries, records: log.records, state, roundState, round, begun }
}
