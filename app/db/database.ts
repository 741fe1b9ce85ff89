import Dexie, { type EntityTable, type Table } from 'dexie'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { KeptRecord } from '@renatus/core/formats/roomFile'

/** What belongs to this device alone and never leaves it. */
export interface Meta { key: string, value: unknown }
export type StoredKept = KeptRecord & { n?: number }

/** Names of the two databases: the user's room, and the demo room that is made anew every day. */
export const DATABASES = { own: 'renatus', demo: 'renatus-demo' } as const
export type WhichRoom = keyof typeof DATABASES

/** The only place that touches Dexie. A new version gets an upgrade and a test on data of every older version. */
export class RenatusDatabase extends Dexie {
  records!: EntityTable<AnyRecord, 'id'>
  entries!: EntityTable<Entry, 'id'>
  kept!: Table<StoredKept, number>
  meta!: EntityTable<Meta, 'key'>

  constructor(name: string) {
    super(name)
    this.version(1).stores({ records: 'id, type', entries: 'id, at, kind, act, answers', kept: '++n, record.id', meta: 'key' })
  }
}
