import type { LearnedValue } from '../../stock/learned'

/** What one vessel says of a logarithm by itself, before any belief: where it lies, and how firmly (1 / variance). */
export interface Evidence {
  mean: number
  precision: number
  /** Vessels behind it, when it is more than one. */ from?: number
}

/** A belief about a logarithm: its middle, how far the group may lie from it, and vessels from their group. */
export interface GroupPrior {
  mean: number
  sd: number
  within: number
}

const Z80 = 1.2816

/** What a vessel says, from the belief it was read with and the belief that came out; null when it said nothing. */
export function evidenceOf(
  prior: { mean: number; sd: number },
  posterior: { mean: number; sd: number },
): Evidence | null {
  const before = 1 / prior.sd ** 2
  const precision = 1 / posterior.sd ** 2 - before
  // A cloud of particles blurs: less than this is noise of the method, not news of the vessel.
  if (precision < 0.08 * before) return null
  return { mean: (posterior.mean / posterior.sd ** 2 - prior.mean * before) / precision, precision }
}

/**
 * Middle of a group from its vessels, shrunk towards the belief before them: partial pooling with a known spread within the group
 * (Gelman & Hill 2007, ch. 12). Each vessel counts by how firmly it speaks and no more than one of its group can.
 */
export function pool(
  prior: GroupPrior,
  evidence: readonly Evidence[],
): { mean: number; sd: number } {
  let precision = 1 / prior.sd ** 2
  let sum = prior.mean * precision
  for (const e of evidence) {
    const weight = 1 / (prior.within ** 2 + 1 / e.precision)
    precision += weight
    sum += e.mean * weight
  }
  return { mean: sum / precision, sd: Math.sqrt(1 / precision) }
}

/** A belief about a logarithm as a number with its band. */
export const asValue = (
  { mean, sd }: { mean: number; sd: number },
  from: number,
  book: number,
  most = Infinity,
): LearnedValue => ({
  value: Math.min(most, Math.exp(mean)),
  low: Math.min(most, Math.exp(mean - Z80 * sd)),
  high: Math.min(most, Math.exp(mean + Z80 * sd)),
  from,
  book,
})
