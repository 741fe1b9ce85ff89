import { chiSquareQuantile, studentCdf, studentQuantile } from '../math/distributions'
import type { RandomStream } from '../math/random'
import {
  ALIKE_FROM,
  MATTERS,
  SETTLED_FROM,
  type Arm,
  type ArmResult,
  type Difference,
  type Spread,
  type TrialResult,
  type Valued,
} from './arms'

const DRAWS = 4000
const SPREADS = 100
/** More vessels an arm than this nobody sets up. */
const MOST_MORE = 12
const SURE_ENOUGH = 0.9
const TAIL = 0.9

interface Fitted {
  id: string
  /** Mean of the logarithms, and how many vessels it is of, each with its own doubt. */
  m: number
  n: number
  own: number
}

/**
 * Scatter that all arms share, after the vessels were seen: the prior's squares with those of the arms (Gelman et al. 2013,
 * scaled inverse chi-square).
 */
export function pooledSpread(arms: readonly Arm<Valued>[], prior: Spread): Spread {
  let squares = prior.df * prior.sd ** 2
  let df = prior.df
  for (const { vessels } of arms) {
    const logs = vessels.map(v => Math.log(v.value))
    const m = logs.reduce((a, b) => a + b, 0) / logs.length
    // What a vessel's own doubt scatters is not the scatter of vessels.
    const own = vessels.reduce((sum, v) => sum + v.logSd ** 2, 0) / logs.length
    const seen = logs.reduce((sum, x) => sum + (x - m) ** 2, 0)
    squares += Math.max(0, seen - own * (logs.length - 1))
    df += logs.length - 1
  }
  return { sd: Math.sqrt(squares / df), df }
}

/** Standard deviation of an arm's mean, or of a difference of two. */
const scaleOf = (sd: number, arms: readonly Fitted[]) =>
  Math.sqrt(arms.reduce((sum, a) => sum + (sd ** 2 + a.own) / a.n, 0))

function difference(a: Fitted, b: Fitted, spread: Spread, less: boolean): Difference {
  const scale = scaleOf(spread.sd, [a, b])
  const d = b.m - a.m
  const at = (p: number) => Math.exp(d + scale * studentQuantile(p, spread.df))
  const aIsLess = studentCdf(d / scale, spread.df)
  return {
    a: a.id,
    b: b.id,
    ratio: { p10: at(1 - TAIL), p50: Math.exp(d), p90: at(TAIL) },
    aBetter: less ? aIsLess : 1 - aIsLess,
  }
}

/** Scatters that are believed, each as likely as the others. */
const spreadsOf = ({ sd, df }: Spread): number[] =>
  Array.from(
    { length: SPREADS },
    (_, i) => sd * Math.sqrt(df / chiSquareQuantile((i + 0.5) / SPREADS, df)),
  )

/** Chance of each arm to be the best. Two arms are worked out, more are drawn. */
function chances(
  fitted: readonly Fitted[],
  spread: Spread,
  less: boolean,
  random: RandomStream,
): number[] {
  if (fitted.length === 1) return [1]
  if (fitted.length === 2) {
    const { aBetter } = difference(fitted[0]!, fitted[1]!, spread, less)
    return [aBetter, 1 - aBetter]
  }
  const wins = fitted.map(() => 0)
  const spreads = spreadsOf(spread)
  for (let i = 0; i < DRAWS; i++) {
    const sd = spreads[i % SPREADS]!
    const drawn = fitted.map(f => random.normal(f.m, scaleOf(sd, [f])))
    wins[drawn.indexOf(less ? Math.min(...drawn) : Math.max(...drawn))]!++
  }
  return wins.map(w => w / DRAWS)
}

/** Vessels more for each arm until the best would be told from the next, if both stay where they are. */
function moreUntilSure(fitted: readonly Fitted[], spread: Spread, less: boolean): number | null {
  const sorted = [...fitted].sort((a, b) => (less ? a.m - b.m : b.m - a.m))
  const [first, second] = sorted
  if (!first || !second) return null
  for (let more = 0; more <= MOST_MORE; more++) {
    const grown = [first, second].map(f => ({ ...f, n: f.n + more }))
    const df = spread.df + more * fitted.length
    const z = Math.abs(second.m - first.m) / scaleOf(spread.sd, grown)
    if (studentCdf(z, df) >= SURE_ENOUGH) return more
  }
  return null
}

const fittedTo = (arms: readonly Arm<Valued>[]): Fitted[] =>
  arms.map(({ id, vessels }) => ({
    id,
    n: vessels.length,
    m: vessels.reduce((sum, v) => sum + Math.log(v.value), 0) / vessels.length,
    own: vessels.reduce((sum, v) => sum + v.logSd ** 2, 0) / vessels.length,
  }))

/** Chance of each arm to be the best, and nothing else of what `readLogs` says. */
export const chancesOfLogs = (
  arms: readonly Arm<Valued>[],
  prior: Spread,
  less: boolean,
  random: RandomStream,
): number[] => chances(fittedTo(arms), pooledSpread(arms, prior), less, random)

/**
 * Times or amounts of vessels, arm by arm, compared on the logarithm: flat prior on the means, one scatter for all arms.
 * @param less the smaller is the better: a time
 */
export function readLogs(
  arms: readonly Arm<Valued>[],
  prior: Spread,
  less: boolean,
  random: RandomStream,
): TrialResult {
  const spread = pooledSpread(arms, prior)
  const fitted = fittedTo(arms)
  const best = chances(fitted, spread, less, random)
  const results = fitted.map((f, i): ArmResult => {
    const at = (p: number) =>
      Math.exp(f.m + scaleOf(spread.sd, [f]) * studentQuantile(p, spread.df))
    return { id: f.id, mean: Math.exp(f.m), p10: at(1 - TAIL), p90: at(TAIL), best: best[i]! }
  })
  const pairs = fitted.flatMap((a, i) => fitted.slice(i + 1).map(b => [a, b] as const))
  const within = ([a, b]: readonly [Fitted, Fitted]) => {
    const scale = scaleOf(spread.sd, [a, b])
    const under = (x: number) => studentCdf((x - (b.m - a.m)) / scale, spread.df)
    return under(Math.log(MATTERS)) - under(-Math.log(MATTERS))
  }
  return {
    arms: results,
    differences: pairs.map(([a, b]) => difference(a, b, spread, less)),
    more: moreUntilSure(fitted, spread, less),
    settled: arms.length > 1 && Math.max(...best) >= SETTLED_FROM,
    alike: pairs.length > 0 && pairs.every(p => within(p) >= ALIKE_FROM),
  }
}
