import { ofKind } from '../../records/effectiveEntries'
import type { EntryData } from '../../records/entries'
import type { RoomState } from '../../stock/roomState'

export type Answered = EntryData<'stop.answered'>

/** What a stop asks, of whom, and at which round: the same words, the same stop. */
export const stopKey = (kind: string, subject: string, roundKey: string) =>
  `${kind}:${subject}:${roundKey}`

const byState = new WeakMap<RoomState, Map<string, Answered>>()

/** Answers of a room by the key of their stop; worked out once for a state. */
export function answersOf(state: RoomState): ReadonlyMap<string, Answered> {
  let found = byState.get(state)
  if (!found) {
    found = new Map(ofKind(state.entries, 'stop.answered').map(e => [e.data.key, e.data]))
    byState.set(state, found)
  }
  return found
}

/** Whether somebody answered this stop at this round, however. */
export const wasAnswered = (state: RoomState, roundKey: string, kind: string, subject: string) =>
  answersOf(state).has(stopKey(kind, subject, roundKey))
