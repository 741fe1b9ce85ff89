import type { Entry, EntryKind } from '@renatus/core/records/entries'
import { inChapters } from './chapters'
import type { RenatusDatabase } from './database'

const byId = (a: Entry, b: Entry): number => (a.id < b.id ? -1 : 1)
const newestFirst = (a: Entry, b: Entry): number => {
  if (a.at !== b.at) return a.at > b.at ? -1 : 1
  return a.id > b.id ? -1 : 1
}

/** Of entries that are ordered by id. */
const merged = (past: Entry[], rows: Entry[]): Entry[] =>
  past.length === 0 ? rows : past.concat(rows).sort(byId)

/** Every entry, in order of the ids. */
export async function wholeLog(db: RenatusDatabase): Promise<Entry[]> {
  const [chapters, rows] = await Promise.all([db.chapters.toArray(), db.entries.toArray()])
  return merged(
    chapters.flatMap(c => c.entries),
    rows,
  )
}

/** Entries that are read at a time. */
const LOT = 4000
/** Chapters that are read at a time. */
const CHAPTERS = 8

/** Every entry, lot by lot: one long reading of it would hold up whoever writes meanwhile. */
export async function wholeLogByLots(db: RenatusDatabase): Promise<Entry[]> {
  const past: Entry[] = []
  for (const keys = await db.chapters.toCollection().primaryKeys(); keys.length > 0;) {
    const found = await db.chapters.bulkGet(keys.splice(0, CHAPTERS))
    for (const chapter of found) past.push(...(chapter?.entries ?? []))
  }
  const rows: Entry[] = []
  for (let lot: Entry[] | null = null; lot === null || lot.length === LOT;) {
    const last = rows.at(-1)?.id ?? ''
    lot = await db.entries.where('id').above(last).limit(LOT).toArray()
    rows.push(...lot)
  }
  return merged(past, rows)
}

/** What follows an entry that was the last of its log once; always rows of their own. */
export const entriesAfter = (db: RenatusDatabase, last: string): Promise<Entry[]> =>
  db.entries.where('id').above(last).toArray()

/** The newest id, or '' where nothing was written. */
export const lastId = async (db: RenatusDatabase): Promise<string> =>
  (await db.entries.orderBy('id').last())?.id ?? ''

/**
 * Puts a log in the place of what is there.
 * @param newest so many of the newest entries are rows of their own
 */
export async function putWholeLog(
  db: RenatusDatabase,
  log: readonly Entry[],
  newest?: number,
): Promise<void> {
  const { chapters, rows } = inChapters(log, newest)
  await db.chapters.clear()
  await db.entries.clear()
  await db.chapters.bulkAdd(chapters)
  await db.entries.bulkAdd(rows)
}

/** Entries by their ids, in no order; those that are not there are left out. */
export async function entriesOf(db: RenatusDatabase, ids: readonly string[]): Promise<Entry[]> {
  const rows = (await db.entries.bulkGet([...ids])).filter(e => e !== undefined)
  const known = new Set(rows.map(e => e.id))
  const missing = new Set(ids.filter(id => !known.has(id)))
  const froms = new Set<string>()
  const starts = missing.size === 0 ? [] : await db.chapters.toCollection().primaryKeys()
  for (const id of missing) {
    const from = starts.findLast(s => s <= id)
    if (from !== undefined) froms.add(from)
  }
  const chapters = await db.chapters.bulkGet([...froms])
  const past = chapters.flatMap(c => c?.entries.filter(e => missing.has(e.id)) ?? [])
  return [...rows, ...past]
}

/** Newest first: an entry's time, and its id where times are equal. */
export type LogKey = readonly [at: string, id: string]

const isOlder = (e: Entry, [at, id]: LogKey) => e.at < at || (e.at === at && e.id < id)

/** Rows of a kind within a time, of all kinds where none is asked for. */
function rowsWithin(db: RenatusDatabase, kind: EntryKind | null, from: string, to: string) {
  return kind === null
    ? db.entries.where('at').between(from, to, true, true)
    : db.entries.where('[kind+at]').between([kind, from], [kind, to], true, true)
}

/**
 * The newest rows before a place. Where the last of them lies is asked of the index, and all from there on are read at once:
 * from the newest down each would be a question of its own, ten times as long.
 */
async function rowsOlder(
  db: RenatusDatabase,
  kind: EntryKind | null,
  key: LogKey,
  limit: number,
): Promise<Entry[]> {
  for (let reach = limit; ; reach *= 2) {
    const edge = await rowsWithin(db, kind, '', key[0]).reverse().offset(reach).limit(1).keys()
    const from = edge[0] === undefined ? '' : String([edge[0]].flat().at(-1))
    const rows = await rowsWithin(db, kind, from, key[0]).toArray()
    const older = rows.filter(e => isOlder(e, key))
    // Those of the very instant of the place itself may be so many that too few are left.
    if (older.length >= limit || from === '') return older.sort(newestFirst).slice(0, limit)
  }
}

interface Head {
  from: string
  minAt: string
  maxAt: string
}

/** Chapters that may hold older ones of a kind, those that end last first. Their entries are not read. */
async function headsOlder(db: RenatusDatabase, kind: EntryKind | null, at: string) {
  const heads: Head[] = []
  await db.chapters.orderBy('[maxAt+minAt]').eachKey((key, cursor) => {
    const [maxAt, minAt] = key as unknown as [string, string]
    if (minAt <= at) heads.push({ from: cursor.primaryKey, minAt, maxAt })
  })
  heads.reverse()
  if (kind === null || heads.length === 0) return heads
  const having = new Set(await db.chapters.where('kinds').equals(kind).primaryKeys())
  return heads.filter(h => having.has(h.from))
}

/** So many entries before a place in time, the newest first; all kinds where none is asked for. */
export async function entriesBefore(
  db: RenatusDatabase,
  kind: EntryKind | null,
  key: LogKey,
  limit: number,
): Promise<Entry[]> {
  let found = await rowsOlder(db, kind, key, limit)
  for (const { from, maxAt } of await headsOlder(db, kind, key[0])) {
    if (found.length >= limit && maxAt < found[limit - 1]!.at) break
    const chapter = await db.chapters.get(from)
    const fits = (e: Entry) => (kind === null || e.kind === kind) && isOlder(e, key)
    const more = chapter?.entries.filter(fits) ?? []
    found = [...found, ...more].sort(newestFirst).slice(0, limit)
  }
  return found
}
