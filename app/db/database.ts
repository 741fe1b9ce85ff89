import Dexie, { type EntityTable, type Table } from 'dexie'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Chapter } from './chapters'
import type { KeptRecord } from '@renatus/core/formats/roomFile'

/** What belongs to this device alone and never leaves it. */
export interface Meta {
  key: string
  value: unknown
}
/** What a build has worked out; thrown away where another one reads it. */
export interface Derived {
  key: string
  build: string
  value: unknown
}
export type StoredKept = KeptRecord & { n?: number }

/** Of the tables as this code knows them. Dexie counts ten of the browser's versions as one. */
const VERSION = 12
const BROWSERS = 10

/** What brings old tables up is fetched by who has such: the transaction is held open meanwhile. */
const upTo4 = () => Dexie.waitFor(import('@renatus/core/formats/upgradeRoom'))
const upTo7 = () => Dexie.waitFor(import('@renatus/core/formats/upgradeRoom7'))
const dryFoods = () => Dexie.waitFor(import('@renatus/core/formats/dryFoods7'))

/** The only place that touches Dexie. A new version gets an upgrade and a test on data of every older version. */
export class RenatusDatabase extends Dexie {
  records!: EntityTable<AnyRecord, 'id'>
  entries!: EntityTable<Entry, 'id'>
  chapters!: Table<Chapter, string>
  kept!: Table<StoredKept, number>
  keptEntries!: Table<Entry & { n?: number }, number>
  meta!: EntityTable<Meta, 'key'>
  derived!: EntityTable<Derived, 'key'>

  /**
   * @param durability what is acknowledged is on the disk, not in a buffer that a dead battery takes along; `relaxed` for
   * who writes nothing but what can be worked out again: each strict write waits for the disk, and all others with it
   */
  constructor(name: string, durability: 'strict' | 'relaxed' = 'strict') {
    super(name, { chromeTransactionDurability: durability })
    this.version(1).stores({
      records: 'id, type',
      entries: 'id, at, kind, act, answers',
      kept: '++n, record.id',
      meta: 'key',
    })
    // Broods hang on any stage of life, own fish are records: same tables, other content.
    this.version(2).upgrade(async tx => {
      const { upgradeRecords1 } = await upTo4()
      const records = await tx.table<unknown>('records').toArray()
      const kept = await tx.table<{ record: unknown }>('kept').toArray()
      await tx.table('records').bulkPut(upgradeRecords1(records))
      await tx.table('kept').clear()
      await tx
        .table('kept')
        .bulkAdd(
          kept.flatMap(k =>
            upgradeRecords1([k.record]).map(record => ({ ...k, n: undefined, record })),
          ),
        )
    })
    // Tools, cultures and counts: new kinds beside the old ones.
    this.version(3).stores({})
    // Places with temperatures, cultures with codes: the same tables, more in each.
    this.version(4).upgrade(async tx => {
      const { upgradeEntries3, upgradeRecords3 } = await upTo4()
      await tx
        .table('records')
        .bulkPut(upgradeRecords3(await tx.table<unknown>('records').toArray()))
      await tx
        .table('entries')
        .bulkPut(upgradeEntries3(await tx.table<unknown>('entries').toArray()))
      await tx.table('kept').bulkPut(
        (await tx.table<{ record: unknown }>('kept').toArray()).map(k => ({
          ...k,
          record: upgradeRecords3([k.record])[0],
        })),
      )
    })
    // Plans that are kept and sheets that are ticked: new kinds of entries.
    this.version(5).stores({})
    // Gel diets, trays, batches and boxes: new kinds of records and of entries.
    this.version(6).stores({})
    // One system of cultures and stores: the same tables, kinds renamed, a record for each hatch.
    this.version(7).upgrade(async tx => {
      const { upgradeEntries6, upgradeRecords6 } = await upTo7()
      const { dryFoodEntries } = await dryFoods()
      const entries = await tx.table<unknown>('entries').toArray()
      const records = await tx.table<unknown>('records').toArray()
      await tx.table('records').bulkPut(upgradeRecords6(records, entries))
      await tx.table('entries').bulkPut([...upgradeEntries6(entries), ...dryFoodEntries(records)])
      const kept = await tx.table<{ record: unknown }>('kept').toArray()
      await tx
        .table('kept')
        .bulkPut(kept.map(k => ({ ...k, record: upgradeRecords6([k.record], [])[0] })))
    })
    // What is worked out from the log and kept between visits.
    this.version(8).stores({ derived: 'key' })
    // The log is read by pages: by time of each kind, and what was corrected.
    this.version(9).stores({
      entries: 'id, at, kind, act, answers, supersedes, [kind+at]',
    })
    // Two entries of one id: one stands, the other is kept. Kinds are found by the index of kind and time.
    this.version(10).stores({
      entries: 'id, at, act, answers, supersedes, [kind+at]',
      keptEntries: '++n, id',
    })
    // Years that come with a file are stored by chapters. Nobody asks for entries by their act.
    this.version(11).stores({
      entries: 'id, at, answers, supersedes, [kind+at]',
      chapters: 'from, [maxAt+minAt], *kinds',
    })
    // Whoever changes a record leaves a mark (recordsMark.ts): an older build that did not must not write here.
    this.version(VERSION).stores({})
    // Dexie would go on in tables that a newer tab has changed; what is older must not write there.
    this.on(
      'ready',
      () => {
        if (this.backendDB().version >= (VERSION + 1) * BROWSERS)
          throw new Dexie.VersionError('the database is of a newer version')
      },
      true,
    )
  }
}
