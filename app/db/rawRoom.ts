import type { RawRoom, RawTable, Unreadable } from '@renatus/core/formats/salvage'

/** The tables of a room as the browser holds them, whatever version made them, with the key of each row. */
export interface RawRows extends RawRoom {
  keys: Record<RawTable, IDBValidKey[]>
}
const TABLES: readonly RawTable[] = ['records', 'entries', 'kept', 'keptEntries']
/** Where rows that cannot be read are put, so that the room opens without them and nothing is thrown away. */
const ASIDE_KEY = 'unreadable rows'

const settled = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error ?? new DOMException('unread', 'UnknownError'))
  })

/** Opens what is there and makes nothing: a room that does not exist stays so. */
function open(name: string): Promise<IDBDatabase> {
  const request = indexedDB.open(name)
  request.onupgradeneeded = () => request.transaction?.abort()
  return settled(request)
}

async function rowsOf(db: IDBDatabase, table: RawTable) {
  if (!db.objectStoreNames.contains(table)) return { rows: [], keys: [] }
  const store = db.transaction(table).objectStore(table)
  const [rows, keys] = await Promise.all([
    settled<unknown[]>(store.getAll()),
    settled(store.getAllKeys()),
  ])
  return { rows, keys }
}

/** Reads without Dexie, which refuses databases that are not as it knows them. */
export async function rawRoom(name: string): Promise<RawRows> {
  const db = await open(name)
  try {
    const read = await Promise.all(TABLES.map(t => rowsOf(db, t)))
    const [records, entries, kept, keptEntries] = read.map(r => r.rows) as unknown[][]
    const keys = Object.fromEntries(TABLES.map((t, i) => [t, read[i]!.keys])) as RawRows['keys']
    return {
      records: records!,
      entries: entries!,
      // Their number is the key, and no part of them.
      kept: kept!.map(k => ({ ...(k as object), n: undefined })),
      keptEntries: keptEntries!.map(k => ({ ...(k as object), n: undefined })),
      keys,
    }
  } finally {
    db.close()
  }
}

/** Takes rows that cannot be read out of their tables and keeps them beside, in one transaction. */
export async function putAside(
  name: string,
  { keys }: RawRows,
  unreadable: readonly Unreadable[],
): Promise<void> {
  const db = await open(name)
  try {
    const transaction = db.transaction([...db.objectStoreNames], 'readwrite')
    const meta = transaction.objectStore('meta')
    const known = await settled<{ value?: unknown } | undefined>(meta.get(ASIDE_KEY))
    const before = Array.isArray(known?.value) ? (known.value as unknown[]) : []
    meta.put({ key: ASIDE_KEY, value: [...before, ...unreadable.map(u => u.row)] })
    for (const { table, index } of unreadable)
      transaction.objectStore(table).delete(keys[table][index]!)
    await new Promise<void>((resolve, reject) => {
      transaction.oncomplete = () => resolve()
      transaction.onabort = () => reject(transaction.error ?? new Error('not put aside'))
    })
  } finally {
    db.close()
  }
}
