import type { RoomState } from '../stock/roomState'
import type { TrialRecord } from '../records/records'
import type { Hits, Valued } from './arms'

export type Value = Valued | Hits
export type Member = TrialRecord['members'][number]
/** What a value is read out of: a part of the state is enough. */
export type TrialRoom = Pick<
  RoomState,
  'now' | 'today' | 'entries' | 'cultures' | 'hatches' | 'lots' | 'learned' | 'places' | 'materials'
>

/** One vessel of a trial as it stands. */
export interface MemberRead {
  id: string
  armId: string
  value: Value | null
  /** Measured by hand: it goes before what is read out of the log. */
  byHand: boolean
  /** Died or spilled, and why; null while it counts. */
  lost: string | null
  /** Looks and counts of it so far. */
  seen: number
}
