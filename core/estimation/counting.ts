import { poissonInterval } from '../math/poisson'

/** Drops counted under a lens: animals in each, and the volume of one, mL. */
export interface DropCount {
  counts: readonly number[]
  dropMl: number
}

export interface Density {
  perMl: number
  /** 95 % interval, exact Poisson. */
  lo: number
  hi: number
  animals: number
  drops: number
  /** Variance over mean of the drops; near 1 for a well mixed sample. Null for fewer than three drops. */
  dispersion: number | null
  /** The drops differ more than chance lets them: the sample was badly mixed. */
  patchy: boolean
  /** More drops like these until the interval is within 20 % of the density; 0 when it is, null while nothing was found. */
  moreDrops: number | null
}

/** Half-width that is wanted, as a share of the density. */
const WANTED = 0.2
const MOST_DROPS = 10_000

/** Upper 1 % point of chi-square with so many degrees of freedom (Wilson & Hilferty 1931). */
const chiSquare99 = (df: number) =>
  df * (1 - 2 / (9 * df) + 2.326348 * Math.sqrt(2 / (9 * df))) ** 3

/** Half-width of the interval over the density, for a number of animals. */
function relativeWidth(animals: number): number {
  const [lo, hi] = poissonInterval(animals)
  return (hi - lo) / 2 / animals
}

/** Density from drops: n animals in k drops of v mL are n / (k v) per mL. Needs at least one drop. */
export function densityOf({ counts, dropMl }: DropCount): Density {
  const drops = counts.length
  const animals = counts.reduce((a, b) => a + b, 0)
  const [lo, hi] = poissonInterval(animals)
  const volume = drops * dropMl
  const mean = animals / drops
  const variance = drops > 1 ? counts.reduce((s, c) => s + (c - mean) ** 2, 0) / (drops - 1) : 0
  const dispersion = drops >= 3 && mean > 0 ? variance / mean : null
  return {
    perMl: animals / volume,
    lo: lo / volume,
    hi: hi / volume,
    animals,
    drops,
    dispersion,
    patchy: dispersion !== null && dispersion * (drops - 1) > chiSquare99(drops - 1),
    moreDrops: moreDrops(animals, drops),
  }
}

function moreDrops(animals: number, drops: number): number | null {
  if (animals === 0) return null
  let wanted = animals
  // The width shrinks with every animal: double until it is narrow enough, then close in.
  while (relativeWidth(wanted) > WANTED) wanted = Math.ceil(wanted * 1.1) + 1
  if (wanted === animals) return 0
  return Math.min(MOST_DROPS, Math.ceil(((wanted - animals) * drops) / animals))
}
