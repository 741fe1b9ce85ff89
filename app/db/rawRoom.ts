import type { RawRoom, RawTable, Unreadable } from '@renatus/core/formats/salvage'

/** The tables of a room as the browser holds them, whatever version made them, with the key of each row. */
export interface RawRows extends RawRoom {
  keys: Record<RawTable, RawKey[]>
}
/** Of a row of its own, or of a place in a chapter of the log. */
type RawKey = IDBValidKey | InChapter
interface InChapter {
  chapter: IDBValidKey
  place: number
}
interface Rows {
  rows: unknown[]
  keys: RawKey[]
}
const CHAPTERS = 'chapters'
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

async function storeOf(db: IDBDatabase, table: string) {
  if (!db.objectStoreNames.contains(table)) return { rows: [], keys: [] }
  const store = db.transaction(table).objectStore(table)
  const [rows, keys] = await Promise.all([
    settled<unknown[]>(store.getAll()),
    settled(store.getAllKeys()),
  ])
  return { rows, keys }
}

const entriesIn = (row: unknown): unknown[] | null => {
  const list = (row as { entries?: unknown } | null)?.entries
  return Array.isArray(list) ? (list as unknown[]) : null
}

/** The rows of a table; entries also from their chapters. A chapter that is none is a row that cannot be read. */
async function rowsOf(db: IDBDatabase, table: RawTable): Promise<Rows> {
  const own = await storeOf(db, table)
  if (table !== 'entries') return own
  const past = await storeOf(db, CHAPTERS)
  const rows = [...own.rows]
  const keys: RawKey[] = [...own.keys]
  past.rows.forEach((row, c) => {
    const within = entriesIn(row) ?? [row]
    within.forEach((e, place) => {
      rows.push(e)
      keys.push({ chapter: past.keys[c] as IDBValidKey, place })
    })
  })
  return { rows, keys }
}

const isInChapter = (key: RawKey): key is InChapter => typeof key === 'object' && 'chapter' in key

/** Takes places out of chapters; what is left of each is written again. */
async function takeOut(store: IDBObjectStore, places: readonly InChapter[]): Promise<void> {
  for (const chapter of new Set(places.map(p => p.chapter))) {
    const row = await settled<object>(store.get(chapter))
    const out = new Set(places.filter(p => p.chapter === chapter).map(p => p.place))
    const left = entriesIn(row)?.filter((_, place) => !out.has(place)) ?? []
    if (left.length > 0) store.put({ ...row, entries: left })
    else store.delete(chapter)
  }
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
    const places: InChapter[] = []
    for (const { table, index } of unreadable) {
      const key = keys[table][index]!
      if (isInChapter(key)) places.push(key)
      else transaction.objectStore(table).delete(key)
    }
    if (places.length > 0) await takeOut(transaction.objectStore(CHAPTERS), places)
    await new Promise<void>((resolve, reject) => {
      transaction.oncomplete = () => resolve()
      transaction.onabort = () => reject(transaction.error ?? new Error('not put aside'))
    })
  } finally {
    db.close()
  }
}
