import { anyRecord, type AnyRecord } from '../records/records'
import { toInstant, toMs, type Instant } from '../time/localDate'
import { canonical, sameText } from './canonical'
import type { KeptRecord } from './roomFile'

/** All that is known of one record: what stands, what stood or lost before, and what was written apart from it. */
export interface Versions {
  stands: AnyRecord
  kept: KeptRecord[]
  /** Versions that nobody has written over, beside the one that stands: two devices changed it without knowing. */
  apart: AnyRecord[]
}

/** As this build writes it: a field that came later has its default. What does not read stays as it is. */
function asWritten(r: AnyRecord): AnyRecord {
  const known = written.get(r)
  if (known) return known
  const read = anyRecord.safeParse(r).data ?? r
  written.set(r, read)
  written.set(read, read)
  return read
}
/** A version is never changed: it is read once. */
const written = new WeakMap<AnyRecord, AnyRecord>()

function textOf(r: AnyRecord): string {
  const text = texts.get(r) ?? canonical(r)
  texts.set(r, text)
  return text
}
const texts = new WeakMap<AnyRecord, string>()

/** Whether two versions say the same: a field that one build leaves out and another writes with its default is no change. */
export const sameRecord = (a: AnyRecord | undefined, b: AnyRecord): boolean =>
  sameText(a, b) || (a !== undefined && sameText(asWritten(a), asWritten(b)))

const distinctOf = (all: readonly AnyRecord[]): AnyRecord[] => [
  ...new Map(all.map(v => [textOf(v), v])).values(),
]

const isLiveRoom = (r: AnyRecord) => r.type === 'room' && r.removedAt === null

/** Which of two versions stands: a room that is there above all else, then the newer, then the larger text. */
function isAbove(a: AnyRecord, b: AnyRecord): boolean {
  if (isLiveRoom(a) !== isLiveRoom(b)) return isLiveRoom(a)
  // By the clock, not by the text: a second is written with and without its fractions.
  const later = toMs(a.updatedAt) - toMs(b.updatedAt)
  if (later !== 0) return later > 0
  return textOf(a) > textOf(b)
}

/** Versions that no other was written over. */
export function headsOf(versions: readonly AnyRecord[]): AnyRecord[] {
  const over = new Set(versions.flatMap(v => v.over ?? []))
  return versions.filter(v => !over.has(v.updatedAt))
}

/**
 * Orders the versions of one record. A function of the set alone: whoever gathers the same versions, in whatever order and
 * however often, finds the same standing, the same kept and the same apart.
 * @param all at least one, of one id
 */
export function versionsOf(all: readonly AnyRecord[]): Versions {
  const distinct = distinctOf(all)
  const versions = distinct.length > 1 ? distinctOf(distinct.map(asWritten)) : distinct
  const ranked = versions.sort((a, b) => (isAbove(a, b) ? -1 : 1))
  const [stands, ...others] = ranked as [AnyRecord, ...AnyRecord[]]
  const kept = others.map((record, i): KeptRecord => {
    const next = ranked[i]!
    const reason = next.updatedAt === record.updatedAt ? 'same-id' : 'older'
    return { keptAt: next.updatedAt, reason, record }
  })
  return { stands, kept, apart: headsOf(ranked).filter(v => v !== stands) }
}

/** So many heads of one record are named at most: more devices than that do not write apart. */
const MOST_OVER = 20

/**
 * A new version of a record, written over all that is known of it. It is later than anything it was written over, whatever
 * the clock says, so that later knowledge stands (hybrid clock: Kulkarni et al., 2014).
 * @param versions that are known, the standing and the kept; none for a record that is new
 */
export function nextVersion(
  record: AnyRecord,
  versions: readonly AnyRecord[],
  now: Instant,
): AnyRecord {
  const over = [...new Set(headsOf(versions).map(v => v.updatedAt))].sort().slice(-MOST_OVER)
  const newest = Math.max(0, ...versions.map(v => toMs(v.updatedAt)))
  const updatedAt = newest >= toMs(now) ? toInstant(newest + 1) : now
  return { ...record, updatedAt, over: over.length > 0 ? over : undefined }
}
