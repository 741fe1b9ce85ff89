import { compare } from '../math/compare'
import type { Entry, EntryKind, EntryOf } from './entries'

/** Log order: by the instant it is true of, then by the id, so that two devices agree. */
export const byTime = (a: Entry, b: Entry) => compare(a.at, b.at) || compare(a.id, b.id)

/**
 * What the log says now: entries in order of time, without those undone or superseded.
 * An undo that is itself undone has no effect; of two corrections of one entry the later id holds.
 */
export function effectiveEntries(entries: readonly Entry[]): Entry[] {
  const undone = new Set<string>()
  // Undos are read from the newest back, so that an undo of an undo is known before the undo it strikes out.
  const undos = entries.filter(e => e.kind === 'undone').sort((a, b) => (a.id < b.id ? 1 : -1))
  for (const undo of undos) if (!undone.has(undo.act)) undone.add(undo.data.act)
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

/** The entries of one kind, typed. */
export const ofKind = <K extends EntryKind>(entries: readonly Entry[], kind: K) =>
  entries.filter((e): e is EntryOf<K> => e.kind === kind)
