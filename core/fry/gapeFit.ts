import { sizeFit } from './sizeFit'

export type Bellies = 'empty' | 'some' | 'full' | 'orange'

/** A look at the bellies after a meal of prey of a width, at a length of the fish. */
export interface BellyLook {
  lengthMm: number
  preyUm: number
  bellies: Bellies
}

/** Gape against the book: a factor on gape over length, its log standard deviation, and how many looks it rests on. */
export interface GapeFit {
  factor: number
  sd: number
  looks: number
}

/** Log spread of gape over length within a species (working estimate). */
export const GAPE_LOG_SD = 0.15

const GRID = Array.from({ length: 81 }, (_, i) => Math.exp(-0.6 + (1.2 * i) / 80))

/** Looks of one brood are not independent of each other: each counts for half. */
const LOOK_WEIGHT = 0.5

/** Probability of what is seen when a share `fit` of the mouths can take the prey. A look is never certain. */
function chance(bellies: Bellies, fit: number): number {
  if (bellies === 'empty') return 0.8 * (1 - fit) + 0.06 * fit
  if (bellies === 'some') return 0.15 * (1 - fit) + 0.34 * fit
  return 0.05 * (1 - fit) + 0.6 * fit
}

/** Gape corrected by looks at bellies: fry seen full of a prey had mouths for it, fry that refuse it may not (Bayes on a grid). */
export function gapeFit(gapePerLength: number, looks: readonly BellyLook[]): GapeFit {
  const weights = GRID.map(factor =>
    looks.reduce(
      (w, l) =>
        w *
        chance(l.bellies, sizeFit(l.preyUm, factor * gapePerLength * l.lengthMm * 1000)) **
          LOOK_WEIGHT,
      Math.exp(-(Math.log(factor) ** 2) / (2 * GAPE_LOG_SD ** 2)),
    ),
  )
  const total = weights.reduce((a, b) => a + b, 0)
  const mean = weights.reduce((s, w, i) => s + w * Math.log(GRID[i]!), 0) / total
  const variance = weights.reduce((s, w, i) => s + w * (Math.log(GRID[i]!) - mean) ** 2, 0) / total
  return looks.length === 0
    ? { factor: 1, sd: GAPE_LOG_SD, looks: 0 }
    : { factor: Math.exp(mean), sd: Math.sqrt(variance), looks: looks.length }
}
