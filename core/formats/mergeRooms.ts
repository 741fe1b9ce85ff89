import type { Entry } from '../records/entries'
import type { AnyRecord } from '../records/records'
import type { Instant } from '../time/localDate'
import type { KeptRecord } from './roomFile'

export interface RoomData {
  records: AnyRecord[]
  entries: Entry[]
  kept: KeptRecord[]
}

export interface MergeResult extends RoomData {
  added: { records: number; entries: number }
  /** Records that differed; the newest won and the other is kept. */
  conflicts: { id: string; type: AnyRecord['type']; winner: 'mine' | 'theirs' }[]
  /** Entries with one id and two contents: mine stands. It means a damaged file or two devices with one identity. */
  entryConflicts: string[]
}

// Most entries are the same text: only what differs is worth sorting.
const same = (a: unknown, b: unknown) =>
  JSON.stringify(a) === JSON.stringify(b) || canonical(a) === canonical(b)

/** Text of a value with sorted keys, so that the order of fields does not count. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`
  if (value && typeof value === 'object') {
    return `{${Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => `${k}:${canonical(v)}`)
      .join(',')}}`
  }
  return JSON.stringify(value) ?? 'undefined'
}

const isLiveRoom = (r: AnyRecord) => r.type === 'room' && r.removedAt === null

/** Which of two versions stands: a room that is there above all else, then the newer, then the larger text. */
function isAbove(a: AnyRecord, b: AnyRecord): boolean {
  if (isLiveRoom(a) !== isLiveRoom(b)) return isLiveRoom(a)
  if (a.updatedAt !== b.updatedAt) return a.updatedAt > b.updatedAt
  return canonical(a) > canonical(b)
}

/**
 * Merges a file into a room: entries are united by id, of each record the newest wins, the loser is kept and can be restored.
 * Nothing that either side knew is lost. Ties fall to the larger text, so that both devices choose alike.
 */
export function mergeRooms(mine: RoomData, theirs: RoomData, now: Instant): MergeResult {
  const records = new Map(mine.records.map(r => [r.id, r]))
  const entries = new Map(mine.entries.map(e => [e.id, e]))
  const kept = new Map(
    [...mine.kept, ...theirs.kept].map(k => [`${k.record.id} ${canonical(k.record)}`, k]),
  )
  const conflicts: MergeResult['conflicts'] = []
  const entryConflicts: string[] = []
  const added = { records: 0, entries: 0 }
  for (const record of theirs.records) {
    const old = records.get(record.id)
    if (!old) {
      records.set(record.id, record)
      added.records++
    } else if (!same(old, record)) {
      const theirsWins = isAbove(record, old)
      const loser = theirsWins ? old : record
      records.set(record.id, theirsWins ? record : old)
      kept.set(`${loser.id} ${canonical(loser)}`, {
        keptAt: now,
        reason: record.updatedAt === old.updatedAt ? 'same-id' : 'older',
        record: loser,
      })
      conflicts.push({ id: record.id, type: record.type, winner: theirsWins ? 'theirs' : 'mine' })
    }
  }
  for (const entry of theirs.entries) {
    const old = entries.get(entry.id)
    if (!old) {
      entries.set(entry.id, entry)
      added.entries++
    } else if (!same(old, entry)) entryConflicts.push(entry.id)
  }
  return {
    records: [...records.values()],
    entries: [...entries.values()],
    kept: [...kept.values()],
    added,
    conflicts,
    entryConflicts,
  }
}
