import { lengthAfter, type Growing } from './growth'

/** A measured length, with the growth behind it in days at the reference temperature. */
export interface Measured {
  days: number
  lengthMm: number
}

/** How fast a brood grows against the book: a factor on the rate, its log standard deviation, and how many lengths it rests on. */
export interface GrowthFit {
  factor: number
  sd: number
  lengths: number
}

/** Log spread of growth among well-fed broods of a species: lengths at day 14 vary by about a fifth (working estimate). */
export const GROWTH_LOG_SD = 0.25
/** Log error of a length read through glass. */
export const LENGTH_LOG_SD = 0.08
/** Lengths from which the book gives way to what was measured. */
export const LENGTHS_TO_REPLACE = 2

const GRID = Array.from({ length: 241 }, (_, i) => Math.exp(-1.2 + (2.4 * i) / 240))

/**
 * Growth corrected by measured lengths. One length pulls the book's rate towards it (Bayes on a grid);
 * from two on least squares on the rate replaces the book. Lengths of the first day say nothing of the rate.
 */
export function growthFit(species: Growing, measured: readonly Measured[]): GrowthFit {
  const useful = measured.filter(m => m.days >= 1)
  if (useful.length === 0) return { factor: 1, sd: GROWTH_LOG_SD, lengths: 0 }
  const misfit = (factor: number) =>
    useful.reduce((s, m) => s + Math.log(m.lengthMm / lengthAfter(species, m.days, factor)) ** 2, 0)
  if (useful.length >= LENGTHS_TO_REPLACE) {
    const best = GRID.reduce((a, b) => (misfit(b) < misfit(a) ? b : a))
    const spread = Math.sqrt(misfit(best) / useful.length + LENGTH_LOG_SD ** 2)
    return {
      factor: best,
      sd: Math.max(0.04, spread / Math.sqrt(useful.length)),
      lengths: useful.length,
    }
  }
  const weights = GRID.map(f =>
    Math.exp(-misfit(f) / (2 * LENGTH_LOG_SD ** 2) - Math.log(f) ** 2 / (2 * GROWTH_LOG_SD ** 2)),
  )
  return { ...posterior(weights), lengths: useful.length }
}

/** Mean and spread of the logarithm under weights on the grid. */
function posterior(weights: readonly number[]): { factor: number; sd: number } {
  const total = weights.reduce((a, b) => a + b, 0)
  const mean = weights.reduce((s, w, i) => s + w * Math.log(GRID[i]!), 0) / total
  const variance = weights.reduce((s, w, i) => s + w * (Math.log(GRID[i]!) - mean) ** 2, 0) / total
  return { factor: Math.exp(mean), sd: Math.sqrt(variance) }
}
