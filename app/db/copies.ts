import Dexie, { type Table } from 'dexie'

/** A copy of the room as the text of its file, made by itself before something replaces it. */
export interface Copy {
  n?: number
  at: string
  name: string
  why: 'before an import' | 'before a replacement'
  /** A list of copies is read without what is in them. */
  text: Blob
}

/** So many are kept, the newest. */
const KEPT = 3

/** Copies stand in a database of their own: what happens to the room does not happen to them. */
class CopiesDatabase extends Dexie {
  copies!: Table<Copy, number>
  constructor() {
    super('renatus-copies', { chromeTransactionDurability: 'strict' })
    this.version(1).stores({ copies: '++n' })
    // Texts stood in the rows: whoever listed them read whole rooms.
    this.version(2).upgrade(tx =>
      tx
        .table<{ text: unknown }>('copies')
        .toCollection()
        .modify(copy => {
          if (typeof copy.text === 'string') copy.text = new Blob([copy.text])
        }),
    )
  }
}

async function within<T>(work: (db: CopiesDatabase) => Promise<T>): Promise<T> {
  const db = new CopiesDatabase()
  try {
    return await work(db)
  } finally {
    db.close()
  }
}

/** Keeps a copy, and the newest few of those before it. */
export const keepCopy = (copy: Omit<Copy, 'n'>): Promise<void> =>
  within(db =>
    db.transaction('rw', db.copies, async () => {
      await db.copies.add(copy)
      const old = (await db.copies.toCollection().primaryKeys()).slice(0, -KEPT)
      await db.copies.bulkDelete(old)
    }),
  )

/** The newest first; texts are read when one is brought back. */
export const listCopies = (): Promise<Copy[]> =>
  within(async db => (await db.copies.toArray()).reverse())
