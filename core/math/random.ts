import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** A seeded stream of chance. It is always passed in; nothing in core draws from a global source. */
export interface RandomStream {
  /** Uniform in [0, 1). */
  next(): number
  /** Uniform integer in [lo, hi]. */
  integer(lo: number, hi: number): number
  /** Normal with the given mean and standard deviation. */
  normal(mean: number, sd: number): number
}

/** @param seed any integer; the same seed yields the same stream. */
export function randomStream(seed: number): RandomStream {
  const generator = xoroshiro128plus(seed | 0)
  const next = () => uniformFloat64(generator)
  return {
    next,
    integer: (lo, hi) => lo + Math.floor(next() * (hi - lo + 1)),
    // Box and Muller 1958; 1 - u keeps the logarithm finite.
    normal: (mean, sd) => mean + sd * Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
  }
}
