import type { Share } from './formulate'

/** A mineral of a mix, percent of dry matter, over the part of it that was measured. */
export interface Mineral {
  value: number | null
  /** Share of the mix whose content is known. */ known: number
}

/** What is not measured is unknown, not zero: the mean is of what is known, and says how much that is. */
export function mineralOf(
  mix: readonly Share[],
  contentOf: (id: string) => number | null,
): Mineral {
  const known = mix.flatMap(m => {
    const c = contentOf(m.id)
    return c === null ? [] : [{ share: m.share, c }]
  })
  const share = known.reduce((s, k) => s + k.share, 0)
  return {
    value: share > 0 ? known.reduce((s, k) => s + k.share * k.c, 0) / share : null,
    known: share,
  }
}
