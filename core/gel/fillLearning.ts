import { LOSS_SHARE } from './batch'

/** A batch as it landed. */
export interface Fill {
  waterMl: number
  powderMl: number | null
  filledMl: number
  leftMl: number
  lossShare: number
  powderG: number
  landedG: number | null
}

/** A number with what it rests on: book value until the user's own batches speak. */
export interface Learned {
  value: number
  sd: number
  from: number
  book: number
}

/** Spread of the truth around the book, and of one batch around the truth (working estimates). */
const SOLID = { priorSd: 0.15, batchSd: 0.08, least: 0.1, most: 1 } as const
const LOSS = { priorSd: 0.02, batchSd: 0.015, least: 0, most: 0.3 } as const

/** Mean of book and batches, each by how sure it is (normal with normal prior). */
function weighed(
  book: number,
  seen: readonly number[],
  k: { priorSd: number; batchSd: number; least: number; most: number },
): Learned {
  const prior = 1 / k.priorSd ** 2
  const each = 1 / k.batchSd ** 2
  const value =
    (prior * book + each * seen.reduce((a, b) => a + b, 0)) / (prior + each * seen.length)
  return {
    value: Math.min(k.most, Math.max(k.least, value)),
    sd: Math.sqrt(1 / (prior + each * seen.length)),
    from: seen.length,
    book,
  }
}

/**
 * Share of loose powder that is not air, from batches: what they filled and left over, with the loss, less the water, over the powder.
 * @param book by bulk density
 */
export const learnSolidShare = (book: number, fills: readonly Fill[]): Learned =>
  weighed(
    book,
    fills.flatMap(f =>
      f.powderMl === null
        ? []
        : [((f.filledMl + f.leftMl) * (1 + f.lossShare) - f.waterMl) / f.powderMl],
    ),
    SOLID,
  )

/** Share that stays on the tools and leaves as steam, from batches that were weighed. What was left in the bowl weighs what the rest does. */
export function learnLoss(fills: readonly Fill[]): Learned {
  const seen = fills.flatMap(f => {
    if (f.landedG === null) return []
    const kept = f.landedG * (1 + f.leftMl / f.filledMl)
    return [(f.powderG + f.waterMl - kept) / kept]
  })
  return weighed(LOSS_SHARE, seen, LOSS)
}
