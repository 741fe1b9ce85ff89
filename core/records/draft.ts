import type { Entry, EntryData, EntryKind } from './entries'
import type { AnyRecord } from './records'
import type { Instant } from '../time/localDate'

/** An entry before it has an id: what happened, to what. */
export type Draft = {
  [K in EntryKind]: {
    kind: K
    subject: Entry['subject']
    data: EntryData<K>
    at?: Instant
    supersedes?: string | null
  }
}[EntryKind]

type Fresh<T> = T extends AnyRecord
  ? Omit<T, 'id' | 'updatedAt' | 'removedAt'> & { id?: string }
  : never
/** A record as a form or an answer leaves it: with an id when it exists already. */
export type RecordDraft = Fresh<AnyRecord>
