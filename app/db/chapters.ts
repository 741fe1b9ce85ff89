import type { Entry } from '@renatus/core/records/entries'

/**
 * Entries of the past that came with a file, in one row: a browser takes as long for a row of five hundred as for one of
 * one. What was written here, undos, corrections and the newest of what came are rows of their own.
 */
export interface Chapter {
  /** Id of its first entry; chapters do not overlap. */
  from: string
  /** When its entries happened, at the earliest and the latest. */
  minAt: string
  maxAt: string
  kinds: string[]
  /** In order of their ids. */
  entries: Entry[]
}

/** Fewer new ones are put in as rows. */
export const WORTH_CHAPTERS = 5000
const SIZE = 500
/** So many of the newest stay rows: what goes on from the end of the log, or asks who answered, finds all there. */
const NEWEST = 2000

const changesAnother = (e: Entry): boolean => e.kind === 'undone' || e.supersedes !== null

function chapterOf(entries: Entry[]): Chapter {
  const times = entries.map(e => e.at).sort()
  const kinds = [...new Set(entries.map(e => e.kind))]
  return { from: entries[0]!.id, minAt: times[0]!, maxAt: times.at(-1)!, kinds, entries }
}

/** How a whole log is stored: the past in chapters, the rest as rows. */
export function inChapters(
  log: readonly Entry[],
  newest = NEWEST,
): { chapters: Chapter[]; rows: Entry[] } {
  const past = log.slice(0, Math.max(0, log.length - newest))
  const plain = past.filter(e => !changesAnother(e))
  const rows = [...past.filter(changesAnother), ...log.slice(past.length)]
  const count = Math.ceil(plain.length / SIZE)
  const chapters = Array.from({ length: count }, (_, i) =>
    chapterOf(plain.slice(i * SIZE, (i + 1) * SIZE)),
  )
  return { chapters, rows }
}
