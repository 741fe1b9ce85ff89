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

/** Draws thrown away at the start: a young generator still remembers its seed. */
const WARM_UP = 16

/** Spreads neighbouring seeds over all bits (finalizer of MurmurHash3), so that runs 1, 2, 3 are unrelated. */
function scramble(seed: number): number {
  let h = (seed | 0) ^ 0x9e3779b9
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b)
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35)
  return (h ^ (h >>> 16)) | 0
}

/** @param seed any integer; the same seed yields the same stream, and neighbouring seeds unrelated ones. */
export function randomStream(seed: number): RandomStream {
  const generator = xoroshiro128plus(scramble(seed))
  const next = () => uniformFloat64(generator)
  for (let i = 0; i < WARM_UP; i++) next()
  return {
    next,
    integer: (lo, hi) => lo + Math.floor(next() * (hi - lo + 1)),
    // Box and Muller 1958; 1 - u keeps the logarithm finite.
    normal: (mean, sd) =>
      mean + sd * Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
  }
}
