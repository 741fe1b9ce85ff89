import { randomStream } from '../math/random'
import { USUAL_SPREAD, type Arm, type Hits, type Spread, type TrialMeasure } from './arms'
import { chancesOfLogs } from './readLogs'
import { chancesOfShares } from './readShares'

/** What so many vessels of an arm can tell. */
export interface Power {
  each: number
  /** Chance that the better of two arms that differ so is named with nine in ten. */
  found: number
}

const MOST_EACH = 8
const TRIALS = 160
const TRIALS_OF_SHARES = 16
const SURE = 0.9
/** Animals or eggs that are counted of a vessel, and the share of the worse arm (working estimates). */
const COUNTED = 100
const USUAL_SHARE = 0.55
/** Beyond chance a vessel scatters as a count of so many would. */
const ALIKENESS = 50

type Rng = ReturnType<typeof randomStream>
const logsOf = (each: number, mean: number, sd: number, random: Rng) =>
  Array.from({ length: each }, () => ({ value: Math.exp(random.normal(mean, sd)), logSd: 0 }))

function hitsOf(each: number, share: number, random: Rng): Hits[] {
  return Array.from({ length: each }, () => {
    const sd = Math.sqrt((share * (1 - share)) / ALIKENESS + (share * (1 - share)) / COUNTED)
    const hit = Math.round(COUNTED * random.normal(share, sd))
    return { hit: Math.min(COUNTED, Math.max(0, hit)), of: COUNTED }
  })
}

function foundBy(each: number, times: number, spread: Spread, random: Rng): boolean {
  const arms = [
    { id: 'better', vessels: logsOf(each, Math.log(times), spread.sd, random) },
    { id: 'other', vessels: logsOf(each, 0, spread.sd, random) },
  ]
  return chancesOfLogs(arms, spread, false, random)[0]! >= SURE
}

function shareFoundBy(each: number, times: number, random: Rng): boolean {
  const arms: Arm<Hits>[] = [
    { id: 'better', vessels: hitsOf(each, Math.min(0.98, USUAL_SHARE * times), random) },
    { id: 'other', vessels: hitsOf(each, USUAL_SHARE, random) },
  ]
  return chancesOfShares(arms, random)[0]! >= SURE
}

/**
 * How often vessels of two arms find a difference, by simulation with the spread of like vessels.
 * @param times how many times the worse the better arm is
 * @param spread of this room where it is known
 */
export function power(
  measure: TrialMeasure,
  times: number,
  spread: Spread = USUAL_SPREAD,
  seed = 1,
): Power[] {
  const isShare = measure === 'share'
  const trials = isShare ? TRIALS_OF_SHARES : TRIALS
  return Array.from({ length: MOST_EACH }, (_, i) => {
    const each = i + 1
    const random = randomStream(seed + each)
    let found = 0
    for (let n = 0; n < trials; n++) {
      const isFound = isShare
        ? shareFoundBy(each, times, random)
        : foundBy(each, times, spread, random)
      if (isFound) found++
    }
    return { each, found: found / trials }
  })
}

/** The fewest vessels of an arm that find it nine times in ten; all that are sensible where none do. */
export const enough = (of: readonly Power[]): number =>
  of.find(p => p.found >= SURE)?.each ?? MOST_EACH
