import type { CleanRule } from '../records/vocabulary'

/** Where a culture comes from. */
export type Origin =
  | { kind: 'bought' }
  | { kind: 'mother'; parent: Lineage }
  | { kind: 'cultures'; parents: readonly Lineage[] }
  | { kind: 'wild' }

export { CLEAN_RULES, type CleanRule } from '../records/vocabulary'

export interface Lineage {
  /** 0 as bought or caught, one more with each pass. */
  generation: number
  clean: boolean
  /** Rules that were broken, here or before, in the order in which they were. */
  broken: readonly CleanRule[]
}

/** Lineage of a culture at its start: one generation on from the oldest parent, clean only when all parents are. */
export function lineageOf(origin: Origin): Lineage {
  if (origin.kind === 'bought') return { generation: 0, clean: true, broken: [] }
  if (origin.kind === 'wild') return { generation: 0, clean: false, broken: ['wild-starter'] }
  const parents = origin.kind === 'mother' ? [origin.parent] : origin.parents
  const broken = [...new Set(parents.flatMap(p => p.broken))]
  return {
    generation: 1 + Math.max(0, ...parents.map(p => p.generation)),
    clean: parents.length > 0 && parents.every(p => p.clean),
    broken,
  }
}

/** A rule was broken: the line is no longer clean, and stays so. */
export const breach = (l: Lineage, rule: CleanRule): Lineage => ({
  ...l,
  clean: false,
  broken: l.broken.includes(rule) ? l.broken : [...l.broken, rule],
})
