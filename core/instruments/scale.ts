import { randomStream } from '../math/random'

/** What lies on a simulated scale while a hand pours toward a target. */
export interface ScaleMoment {
  grams: number
  /** It has come to rest. */
  settled: boolean
}

/** Seconds of each part: empty pan, spoon after spoon, the last pinches. */
const EMPTY_S = 2
const SPOON_S = 2
const SPOONS = 5
const PINCHES = 4
const REST_S = 3
/** A scale shows hundredths of a gram, and swings for a moment after each pour. */
const SHOWS_G = 0.01

/** What it shows so many seconds after the pan was tared. @param seed of the hand that trembles */
export function scaleReading(targetG: number, second: number, seed: number): ScaleMoment {
  const hand = randomStream(seed)
  // A hand pours nine tenths by the spoon and the rest by the pinch, each a little off.
  const pours = [
    ...Array.from({ length: SPOONS }, () => (0.9 / SPOONS) * (1 + hand.normal(0, 0.12))),
    ...Array.from({ length: PINCHES }, () => (0.1 / PINCHES) * (1 + hand.normal(0, 0.2))),
  ]
  const poured = Math.min(pours.length, Math.floor((second - EMPTY_S) / SPOON_S) + 1)
  const lies = pours.slice(0, Math.max(0, poured)).reduce((sum, share) => sum + share * targetG, 0)
  const since = second - EMPTY_S - (poured - 1) * SPOON_S
  const settled = poured >= pours.length && since >= REST_S
  const swings = settled || poured <= 0 ? 0 : 0.03 * lies * Math.exp(-since)
  const shown = lies + swings * randomStream(seed + second).normal(0, 1)
  return { grams: Math.max(0, Math.round(shown / SHOWS_G) * SHOWS_G), settled }
}
