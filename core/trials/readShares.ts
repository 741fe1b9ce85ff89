import { logBeta } from '../math/distributions'
import type { RandomStream } from '../math/random'
import {
  ALIKE_FROM,
  MATTERS,
  SETTLED_FROM,
  type Arm,
  type ArmResult,
  type Difference,
  type Hits,
  type TrialResult,
} from './arms'

const DRAWS = 8000
/** Shares that are weighed against each other, between 0 and 1. */
const SHARES = Array.from({ length: 199 }, (_, i) => (i + 1) / 200)
/** How alike vessels of one arm are: a vessel scatters as a count of so many would (working estimates, log-even). */
const ALIKENESS = [6, 12, 25, 50, 100, 200, 400]

/** Logarithm of the chance of what the vessels of an arm showed (beta-binomial, Skellam 1948). */
const likelihood = (vessels: readonly Hits[], share: number, alikeness: number): number => {
  const [a, b] = [share * alikeness, (1 - share) * alikeness]
  const seen = vessels.reduce((sum, v) => sum + logBeta(a + v.hit, b + v.of - v.hit), 0)
  return seen - vessels.length * logBeta(a, b)
}

interface Weighed {
  /** Chance of each share, summed up from below. */
  below: number[]
  logSum: number
}
function weighed(vessels: readonly Hits[], alikeness: number): Weighed {
  const logs = SHARES.map(s => likelihood(vessels, s, alikeness))
  const top = Math.max(...logs)
  const weights = logs.map(l => Math.exp(l - top))
  const sum = weights.reduce((a, b) => a + b, 0)
  let under = 0
  return { below: weights.map(w => (under += w / sum)), logSum: top + Math.log(sum) }
}
const drawFrom = ({ below }: Weighed, u: number): number =>
  SHARES[
    Math.max(
      0,
      below.findIndex(b => b >= u),
    )
  ]! +
  (u % 0.005) -
  0.0025

const quantile = (sorted: readonly number[], p: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))]!
const sortedUp = (xs: readonly number[]) => [...xs].sort((a, b) => a - b)

/** Shares of each arm, drawn from what is believed of all of them together. */
function drawAll(arms: readonly Arm<Hits>[], random: RandomStream): number[][] {
  const all = ALIKENESS.map(k => arms.map(a => weighed(a.vessels, k)))
  const logs = all.map(of => of.reduce((sum, w) => sum + w.logSum, 0))
  const top = Math.max(...logs)
  const weights = logs.map(l => Math.exp(l - top))
  const total = weights.reduce((a, b) => a + b, 0)
  const draws: number[][] = arms.map(() => [])
  for (let i = 0; i < DRAWS; i++) {
    let u = random.next() * total
    const at = weights.findIndex(w => (u -= w) <= 0)
    const of = all[at < 0 ? all.length - 1 : at]!
    of.forEach((w, arm) => draws[arm]!.push(drawFrom(w, random.next())))
  }
  return draws
}

/** How often each arm has the largest share. */
function winsOf(draws: readonly number[][]): number[] {
  const wins = draws.map(() => 0)
  for (let i = 0; i < DRAWS; i++) {
    const drawn = draws.map(d => d[i]!)
    wins[drawn.indexOf(Math.max(...drawn))]!++
  }
  return wins.map(w => w / DRAWS)
}

/** Chance of each arm to be the best, and nothing else of what `readShares` says. */
export const chancesOfShares = (arms: readonly Arm<Hits>[], random: RandomStream): number[] =>
  winsOf(drawAll(arms, random))

/** Shares of vessels, arm by arm: so many hatched or lived of so many; the more is the better. */
export function readShares(arms: readonly Arm<Hits>[], random: RandomStream): TrialResult {
  const draws = drawAll(arms, random)
  const chances = winsOf(draws)
  const results = arms.map(({ id }, i): ArmResult => {
    const up = sortedUp(draws[i]!)
    return {
      id,
      mean: up.reduce((a, b) => a + b, 0) / DRAWS,
      p10: quantile(up, 0.1),
      p90: quantile(up, 0.9),
      best: chances[i]!,
    }
  })
  const pairs = arms.flatMap((_, i) => arms.slice(i + 1).map((_b, j) => [i, i + 1 + j] as const))
  const ratiosOf = ([a, b]: readonly [number, number]) =>
    draws[a]!.map((x, i) => draws[b]![i]! / Math.max(1e-6, x))
  const differences = pairs.map((pair): Difference => {
    const up = sortedUp(ratiosOf(pair))
    return {
      a: arms[pair[0]]!.id,
      b: arms[pair[1]]!.id,
      ratio: { p10: quantile(up, 0.1), p50: quantile(up, 0.5), p90: quantile(up, 0.9) },
      aBetter: up.filter(r => r < 1).length / DRAWS,
    }
  })
  const isAlike = (pair: readonly [number, number]) =>
    ratiosOf(pair).filter(r => r < MATTERS && r > 1 / MATTERS).length / DRAWS >= ALIKE_FROM
  const best = Math.max(...results.map(r => r.best))
  return {
    arms: results,
    differences,
    more: best >= 0.9 ? 0 : null,
    settled: arms.length > 1 && best >= SETTLED_FROM,
    alike: pairs.length > 0 && pairs.every(isAlike),
  }
}
