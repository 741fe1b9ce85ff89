import { compare } from '../math/compare'
import type { Entry, EntryKind, EntryOf } from './entries'

/** Log order: by the instant it is true of, then by the id, so that two devices agree. */
export const byTime = (a: Entry, b: Entry) => compare(a.at, b.at) || compare(a.id, b.id)

/**
 * What the log says now: entries in order of time, without those undone or superseded.
 * An undo that is itself undone has no effect; of two corrections of one entry the later id holds; of two acts that answer
 * one proposal the earlier.
 */
export function effectiveEntries(entries: readonly Entry[]): readonly Entry[] {
  const known = effective.get(entries)
  if (known?.length === entries.length) return known.standing
  const standing = standingOf(entries)
  effective.set(entries, { length: entries.length, standing })
  return standing
}

/** A log is worked through once for as long as it stays the same list. */
const effective = new WeakMap<readonly Entry[], { length: number; standing: readonly Entry[] }>()

function undoneActs(entries: readonly Entry[]): Set<string> {
  const undone = new Set<string>()
  // Undos are read from the newest back, so that an undo of an undo is known before the undo it strikes out.
  const undos = entries.filter(e => e.kind === 'undone').sort((a, b) => (a.id < b.id ? 1 : -1))
  for (const undo of undos) if (!undone.has(undo.act)) undone.add(undo.data.act)
  return undone
}

/** Adds acts that answer what an earlier act that stands has answered: the first tap counts, whoever made it. */
function addTwice(entries: readonly Entry[], undone: Set<string>): string[] {
  const first = new Map<string, string>()
  const answering = entries.filter(e => e.answers !== null && !undone.has(e.act))
  for (const { answers, act } of answering) {
    const known = first.get(answers!)
    if (known === undefined || act < known) first.set(answers!, act)
  }
  const twice = new Set(answering.filter(e => first.get(e.answers!) !== e.act).map(e => e.act))
  for (const act of twice) undone.add(act)
  return [...twice].sort()
}

/** Acts that answer what an earlier act had answered: the same tap on two devices, in order of the ids. */
export const answeredTwice = (entries: readonly Entry[]): string[] =>
  addTwice(entries, undoneActs(entries))

function standingOf(entries: readonly Entry[]): Entry[] {
  const undone = undoneActs(entries)
  addTwice(entries, undone)
  const byId = new Map(entries.map(e => [e.id, e]))
  // A correction falls with what it corrects.
  const struck = (e: Entry): boolean => {
    const corrected = e.supersedes === null ? undefined : byId.get(e.supersedes)
    return (
      undone.has(e.act) || (corrected !== undefined && corrected.id < e.id && struck(corrected))
    )
  }
  const standing = entries.filter(e => e.kind !== 'undone' && !struck(e))
  const latest = new Map<string, string>()
  for (const e of standing) {
    if (e.supersedes !== null && e.id > (latest.get(e.supersedes) ?? ''))
      latest.set(e.supersedes, e.id)
  }
  const superseded = (e: Entry) =>
    latest.has(e.id) || (e.supersedes !== null && latest.get(e.supersedes) !== e.id)
  return standing.filter(e => !superseded(e)).sort(byTime)
}

/** Entries by kind, of a list that is asked more than once. */
const indexes = new WeakMap<readonly Entry[], { length: number; kinds: Map<EntryKind, Entry[]> }>()

function kindsOf(entries: readonly Entry[]): Map<EntryKind, Entry[]> {
  const known = indexes.get(entries)
  if (known?.length === entries.length) return known.kinds
  const kinds = new Map<EntryKind, Entry[]>()
  for (const e of entries) {
    const list = kinds.get(e.kind)
    if (list) list.push(e)
    else kinds.set(e.kind, [e])
  }
  indexes.set(entries, { length: entries.length, kinds })
  return kinds
}
const NONE: readonly Entry[] = []

/** The entries of one kind, typed. A list is sorted out once: the room asks for the same kinds again and again. */
export const ofKind = <K extends EntryKind>(
  entries: readonly Entry[],
  kind: K,
): readonly EntryOf<K>[] => (kindsOf(entries).get(kind) ?? NONE) as readonly EntryOf<K>[]
