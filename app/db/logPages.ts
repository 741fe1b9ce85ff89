import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { RenatusDatabase } from './database'
import { otherRecords } from './otherRecords'
import { entriesBefore, entriesOf, type LogKey } from './storedLog'

/** Which entries are wanted: of one kind, or of all but some; and where something is looked for, those it is found in. */
export interface LogQuestion {
  kind: EntryKind | null
  but: readonly EntryKind[]
  finds: ((e: Entry) => boolean) | null
}
/** The last entry of the page before; null for the newest page. */
export type LogPlace = Pick<Entry, 'at' | 'id'> | null

/** An entry, and whether it was neither undone nor corrected. */
export interface LogLine {
  entry: Entry
  stands: boolean
}
export interface LogPage {
  lines: LogLine[]
  /** That its lines speak of. */ records: AnyRecord[]
  /** There are older ones. */ more: boolean
}

/** Entries read at first and at most at a time: what is rare is looked for in ever larger lots. */
const FIRST_LOT = 300
const LARGEST_LOT = 2400

/** Tells of some entries whether they stand: by all undos, and the corrections of them. */
async function standing(db: RenatusDatabase, entries: readonly Entry[]): Promise<Set<string>> {
  const [undos, corrections] = await Promise.all([
    db.entries.where('kind').equals('undone').toArray(),
    db.entries.orderBy('supersedes').toArray(),
  ])
  const corrected = await entriesOf(
    db,
    corrections.map(e => e.supersedes!),
  )
  const about = [...entries, ...undos, ...corrections, ...corrected]
  const once = [...new Map(about.map(e => [e.id, e])).values()]
  return new Set(effectiveEntries(once).map(e => e.id))
}

/** Every text in something, however deep. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value]
  if (typeof value !== 'object' || value === null) return []
  return Object.values(value).flatMap(textsIn)
}

/** Records that entries speak of, and whatever is no culture: of those a room of years has thousands. */
async function spokenOf(db: RenatusDatabase, entries: readonly Entry[]): Promise<AnyRecord[]> {
  const others = await otherRecords(db)
  const texts = new Set(entries.flatMap(e => textsIn([e.subject, e.data])))
  const known = new Set(others.map(r => r.id))
  const named = await db.records.bulkGet([...texts].filter(t => !known.has(t)))
  return [...others, ...named.filter(r => r !== undefined)]
}

/** A page of the log, the newest entry first. Only what is looked through is read. */
export async function logPage(
  db: RenatusDatabase,
  { kind, but, finds }: LogQuestion,
  after: LogPlace,
  size: number,
): Promise<LogPage> {
  const found: Entry[] = []
  let key: LogKey = after ? [after.at, after.id] : ['\uffff', '\uffff']
  for (let lot = FIRST_LOT, ended = false; !ended && found.length <= size;) {
    const next = await entriesBefore(db, kind, key, lot)
    ended = next.length < lot
    lot = Math.min(2 * lot, LARGEST_LOT)
    const last = next.at(-1)
    if (last) key = [last.at, last.id]
    found.push(...next.filter(e => !but.includes(e.kind) && (finds?.(e) ?? true)))
  }
  const shown = found.slice(0, size)
  const stands = await standing(db, shown)
  return {
    records: await spokenOf(db, shown),
    lines: shown.map(entry => ({
      entry,
      stands: entry.kind === 'undone' || stands.has(entry.id),
    })),
    more: found.length > size,
  }
}
