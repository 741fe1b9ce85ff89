import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import { reachesBack } from '@renatus/core/stock/working/reachesBack'
import { NOTHING_SETTLED, type Settled } from '@renatus/core/stock/settled'
import { soundCheckpoint, storedCheckpoint, type Checkpoint } from './checkpoint'
import type { RenatusDatabase } from './database'
import { GENERATION_KEY } from './generation'
import { otherRecords } from './otherRecords'
import type { Put } from './putRoom'
import { recordsMark } from './recordsMark'
import { entriesAfter, wholeLog, wholeLogByLots } from './storedLog'
import { WORTH_SETTLING } from './worthSettling'

/** A room as far as its state hangs on it. */
export interface RoomRead {
  records: readonly AnyRecord[]
  /** Of the records (recordsMark). */
  mark: unknown
  /** In order of the ids; the same list while nothing came. */
  entries: readonly Entry[]
  settled: Settled
  /** All entries of the log, those that are settled too. */
  count: number
  /** Of the log: another one was put in its place where it changed. */
  generation: unknown
  /** There is a checkpoint, and what came since speaks of what is settled: it is to be made anew. */
  stale: boolean
}

interface Known {
  read: RoomRead
  last: string
  checkpoint: Checkpoint | null
  over: ReadonlySet<string>
  wide: boolean
}

const NOT_LEFT: ReadonlySet<string> = new Set()
const byId = (a: { id: string }, b: { id: string }) => (a.id < b.id ? -1 : 1)

/** The same list where nothing in it has changed, so that what hangs on it stands still. */
function unlessSame(before: readonly AnyRecord[] | undefined, now: AnyRecord[]) {
  const same = (r: AnyRecord, i: number) => {
    const old = before![i]!
    return old.id === r.id && old.updatedAt === r.updatedAt && old.removedAt === r.removedAt
  }
  return before?.length === now.length && now.every(same) ? before : now
}

/** A working log that was kept, if it is of this log. */
function fromCheckpoint(stored: unknown, generation: unknown): Known | null {
  const checkpoint = soundCheckpoint(stored)
  if (!checkpoint || checkpoint.generation !== generation) return null
  const { records, mark, entries, settled, count, last, over } = checkpoint
  const read = { records, mark, entries, settled, count, generation, stale: false }
  return { read, last, checkpoint, over: new Set(over), wide: false }
}

/** What was known with what came; null where that is not the way on. */
function withFresh({ read, checkpoint, over }: Known, fresh: Entry[]) {
  const count = read.count + fresh.length
  const entries = fresh.length > 0 ? read.entries.concat(fresh) : read.entries
  const back = checkpoint !== null && reachesBack(fresh, entries, read.settled.before, over)
  return back ? null : { ...read, entries, count }
}

/** First and last of each run of ids between which none is left out. */
function runsBut(ids: readonly string[], over: ReadonlySet<string>): [string, string][] {
  const runs: [string, string][] = []
  let open = false
  for (const id of ids) {
    const stays = !over.has(id)
    if (stays && open) runs.at(-1)![1] = id
    else if (stays) runs.push([id, id])
    open = stays
  }
  return runs
}

/**
 * Records but the cultures that are over. Those that stay lie together: a run of them is read at once,
 * each alone would take five times as long.
 */
async function recordsBut(db: RenatusDatabase, over: ReadonlySet<string>): Promise<AnyRecord[]> {
  const { records } = db
  if (over.size === 0) return records.toArray()
  const others = await otherRecords(db)
  const ids = await records.where('type').equals('culture').primaryKeys()
  const cultures: AnyRecord[] = []
  for (const [first, last] of runsBut(ids.sort(), over))
    cultures.push(...(await records.where('id').between(first, last, true, true).toArray()))
  const found = [
    ...others.filter(r => !over.has(r.id)),
    ...cultures.filter(r => r.type === 'culture'),
  ]
  return found.sort(byId)
}

/** Those of a room: what is known of them where none has changed. A log that was read whole came without them. */
async function recordsFor(
  db: RenatusDatabase,
  { read, over }: Known,
  mark: unknown,
): Promise<readonly AnyRecord[]> {
  if (mark === read.mark && read.records.length > 0) return read.records
  return unlessSame(read.records, await recordsBut(db, over))
}

/** A room of the database: its working log once, then what came. Without a checkpoint the whole log is the working one. */
export class WorkingRoom {
  private known: Known | null = null
  private wide = false
  /** What it began with is still to be written. */
  private unwritten = false

  constructor(private readonly db: RenatusDatabase) {}

  /** From now on the whole log is read: something that is settled is looked at. */
  widen(): void {
    this.wide = true
  }

  /** Whether something is left out of what was read last. */
  leavesOut(id: string): boolean {
    const { checkpoint, over, wide } = this.known ?? {
      checkpoint: null,
      over: NOT_LEFT,
      wide: true,
    }
    return !wide && checkpoint !== null && (over.has(id) || checkpoint.quiet.includes(id))
  }

  /** Things of which something is left out. */
  leftOut(): string[] {
    const { known } = this
    if (!known?.checkpoint || known.wide) return []
    return [...known.over, ...known.checkpoint.quiet]
  }

  /**
   * Reads the whole log lot by lot: one long reading of it would hold up whoever writes meanwhile. The next reading goes on
   * from there, and starts anew where the log was changed under it.
   */
  async fetchWhole(): Promise<void> {
    this.widen()
    if (this.known?.wide) return
    const { db } = this
    const generation = (await db.meta.get(GENERATION_KEY))?.value ?? null
    const entries = await wholeLogByLots(db)
    const count = entries.length
    const settled = NOTHING_SETTLED
    const read = { records: [], mark: null, entries, settled, count, generation, stale: false }
    this.keep({ read, last: '', checkpoint: null, over: NOT_LEFT, wide: true })
  }

  /** Begins with a room that was made here and is being written: until it is, nothing is read. */
  begin(room: { records: readonly AnyRecord[]; entries: readonly Entry[] }): void {
    const records = room.records.toSorted(byId)
    const entries = room.entries.toSorted(byId)
    const log = { settled: NOTHING_SETTLED, count: entries.length, generation: null, stale: false }
    const read = { records, entries, mark: null, ...log }
    this.known = { read, last: '', checkpoint: null, over: NOT_LEFT, wide: this.wide }
    this.unwritten = true
  }

  /** What it began with stands in the database, under these marks: it is gone on from. */
  written(put: Put): void {
    const { known } = this
    if (!known || !this.unwritten) return
    this.unwritten = false
    this.keep({ ...known, read: { ...known.read, ...put } })
  }

  async read(): Promise<RoomRead> {
    if (this.unwritten) return this.known!.read
    const { db } = this
    return db.transaction(
      'r',
      [db.chapters, db.entries, db.records, db.meta, db.derived],
      async () => {
        const generation = (await db.meta.get(GENERATION_KEY))?.value ?? null
        const mark = await recordsMark(db)
        const known = this.baseOf(generation)
        // A whole log that is long is left for its working log as soon as there is one.
        const long = known !== null && known.read.count >= WORTH_SETTLING
        const settles = long && known.checkpoint === null && !this.wide
        const asks = !this.wide && (!known || settles)
        const stored = asks ? await storedCheckpoint(db) : null
        const bases = [asks ? fromCheckpoint(stored, generation) : null, known]
        for (const base of bases) {
          if (!base) continue
          const fresh = await entriesAfter(db, base.last)
          const read = withFresh(base, fresh)
          if (!read) continue
          const records = await recordsFor(db, base, mark)
          const stale = stored !== null && base.checkpoint === null
          return this.keep({ ...base, read: { ...read, records, mark, stale } })
        }
        const entries = await wholeLog(db)
        const records = await db.records.toArray()
        const count = entries.length
        const stale = stored !== null
        return this.keep({
          read: { records, mark, entries, settled: NOTHING_SETTLED, count, generation, stale },
          last: '',
          checkpoint: null,
          over: NOT_LEFT,
          wide: this.wide,
        })
      },
    )
  }

  /** What was read last, where it can be gone on from. */
  private baseOf(generation: unknown): Known | null {
    const { known, wide } = this
    if (!known || known.last === '' || known.read.generation !== generation) return null
    return known.wide === wide ? known : null
  }

  private keep(known: Known): RoomRead {
    const last = known.read.entries.at(-1)?.id ?? ''
    const { checkpoint } = known
    this.known = { ...known, last: checkpoint && checkpoint.last > last ? checkpoint.last : last }
    return known.read
  }
}
