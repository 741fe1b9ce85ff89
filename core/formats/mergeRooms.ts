import { compare } from '../math/compare'
import { entry as entrySchema, type Entry } from '../records/entries'
import { answeredTwice } from '../records/effectiveEntries'
import type { AnyRecord } from '../records/records'
import { canonical, sameText } from './canonical'
import type { KeptRecord } from './roomFile'
import { sameRecord, versionsOf } from './versions'

export interface RoomData {
  records: readonly AnyRecord[]
  entries: readonly Entry[]
  /** Older versions of records, and those that lost. */
  kept: readonly KeptRecord[]
  /** Entries that share an id with one that stands and say something else. */
  keptEntries?: readonly Entry[]
}

/** A record that was changed on two devices without either knowing of the other; saving it again settles it. */
export interface Conflict {
  id: string
  type: AnyRecord['type'] | 'entry'
  name: string
  /** How many versions nobody has written over, the standing one among them. */
  versions: number
}

export interface MergeResult {
  records: AnyRecord[]
  entries: Entry[]
  kept: KeptRecord[]
  keptEntries: Entry[]
  added: { records: number; entries: number }
  /** Records that stand otherwise than on my side, without those that are new. */
  changed: number
  /** What the merged room has not settled, in order of the ids. */
  conflicts: Conflict[]
  /** Acts that answer what an earlier act had answered: the same tap on two devices. They do not count. */
  twice: string[]
}

/** The text as it is, so that what is larger stands on every device. */
const larger = (a: Entry, b: Entry) => (canonical(a) > canonical(b) ? a : b)
/** As this build writes it: a field that came later has its default. */
const asWritten = (e: Entry): Entry => entrySchema.safeParse(e).data ?? e
const byId = (a: { id: string }, b: { id: string }) => compare(a.id, b.id)

function gathered(rooms: readonly RoomData[]): Map<string, AnyRecord[]> {
  const known = new Map<string, AnyRecord[]>()
  const add = (record: AnyRecord) => {
    const versions = known.get(record.id)
    if (versions) versions.push(record)
    else known.set(record.id, [record])
  }
  for (const room of rooms) {
    room.records.forEach(add)
    for (const k of room.kept) add(k.record)
  }
  return known
}

function mergedRecords(rooms: readonly RoomData[]) {
  const records: AnyRecord[] = []
  const kept: KeptRecord[] = []
  const conflicts: Conflict[] = []
  for (const [id, versions] of gathered(rooms)) {
    const { stands, kept: others, apart } = versionsOf(versions)
    records.push(stands)
    kept.push(...others)
    const { type, name } = stands
    if (apart.length > 0) conflicts.push({ id, type, name, versions: apart.length + 1 })
  }
  return { records, kept, conflicts }
}

function mergedEntries(rooms: readonly RoomData[]) {
  const entries = new Map<string, Entry>()
  const others = new Map<string, Entry>()
  const take = (entry: Entry) => {
    const old = entries.get(entry.id)
    if (!old) entries.set(entry.id, entry)
    else if (!sameText(old, entry)) {
      const [a, b] = [asWritten(old), asWritten(entry)]
      const stands = larger(a, b)
      const other = stands === a ? b : a
      entries.set(entry.id, stands)
      if (!sameText(a, b)) others.set(canonical(other), other)
    }
  }
  for (const room of rooms) {
    room.entries.forEach(take)
    room.keptEntries?.forEach(take)
  }
  return { entries: [...entries.values()], keptEntries: [...others.values()] }
}

const entryConflict = (e: Entry): Conflict => ({
  id: e.id,
  type: 'entry',
  name: e.kind,
  versions: 2,
})

/**
 * One room out of what several devices know. All versions of records and all entries are a set that only grows; what stands
 * is a function of that set, so that the merge is commutative, associative and idempotent in all that it returns of the
 * room, its conflicts and what was tapped twice (conflict-free replicated data types: Shapiro et al., 2011).
 */
export function mergeRooms(mine: RoomData, theirs: RoomData): MergeResult {
  const rooms = [mine, theirs]
  const { records, kept, conflicts } = mergedRecords(rooms)
  const { entries, keptEntries } = mergedEntries(rooms)
  const before = new Map(mine.records.map(r => [r.id, r]))
  const known = records.filter(r => before.has(r.id))
  return {
    records: records.sort(byId),
    entries: entries.sort(byId),
    kept: kept.sort((a, b) => byId(a.record, b.record) || compare(a.keptAt, b.keptAt)),
    keptEntries: keptEntries.sort((a, b) => byId(a, b) || compare(canonical(a), canonical(b))),
    added: {
      records: records.length - known.length,
      entries: entries.length - mine.entries.length,
    },
    changed: known.filter(r => !sameRecord(before.get(r.id), r)).length,
    conflicts: [...conflicts, ...keptEntries.map(entryConflict)].sort(byId),
    twice: answeredTwice(entries),
  }
}
