import type { RandomStream } from '../../math/random'
import type { Cloud } from '../cloud'

/** A joint belief about some logarithms, against the book: normal, with its covariance. */
export interface Belief {
  keys: readonly string[]
  mean: readonly number[]
  cov: readonly (readonly number[])[]
}

/** A belief in which nothing hangs on anything else. */
export const independent = (
  parts: Readonly<Record<string, { mean: number; sd: number }>>,
): Belief => {
  const keys = Object.keys(parts)
  return {
    keys,
    mean: keys.map(k => parts[k]!.mean),
    cov: keys.map((a, i) => keys.map((_b, j) => (i === j ? parts[a]!.sd ** 2 : 0))),
  }
}

/**
 * The belief after some time in which each logarithm may have drifted by so much. It is never less sure than `most`:
 * a normal belief fitted to a bent one is too wide, and would grow wider with each fit.
 */
export function drifted(
  b: Belief,
  sd: Readonly<Record<string, number>>,
  most: Readonly<Record<string, number>>,
): Belief {
  const wider = b.cov.map((row, i) => row.map((c, j) => (i === j ? c + sd[b.keys[i]!]! ** 2 : c)))
  const shrink = b.keys.map((key, i) => Math.min(1, most[key]! / Math.sqrt(wider[i]![i]!)))
  return { ...b, cov: wider.map((row, i) => row.map((c, j) => c * shrink[i]! * shrink[j]!)) }
}

/** Mean and covariance of the parameters of a cloud, as logarithms against the book. */
export function beliefOf(
  cloud: Cloud,
  w: Float64Array,
  keys: readonly string[],
  book: Readonly<Record<string, number>>,
): Belief {
  const x = keys.map(k => cloud.map(p => Math.log(p.culture.params[k]! / book[k]!)))
  const mean = x.map(row => row.reduce((s, v, i) => s + v * w[i]!, 0))
  return {
    keys,
    mean,
    cov: keys.map((_a, i) =>
      keys.map((_b, j) =>
        x[i]!.reduce((s, v, n) => s + w[n]! * (v - mean[i]!) * (x[j]![n]! - mean[j]!), 0),
      ),
    ),
  }
}

/** Lower triangle L with L L' = cov (Cholesky); a variance that rounding took below zero counts as none. */
function triangle(cov: Belief['cov']): number[][] {
  const l = cov.map(row => row.map(() => 0))
  cov.forEach((row, i) => {
    for (let j = 0; j <= i; j++) {
      let s = row[j]!
      for (let k = 0; k < j; k++) s -= l[i]![k]! * l[j]![k]!
      l[i]![j] = i === j ? Math.sqrt(Math.max(s, 1e-12)) : s / l[j]![j]!
    }
  })
  return l
}

/** Draws values of the parameters from a belief. */
export function drawer(
  b: Belief,
  book: Readonly<Record<string, number>>,
): (chance: RandomStream) => Record<string, number> {
  const l = triangle(b.cov)
  return chance => {
    const z = b.keys.map(() => chance.normal(0, 1))
    return Object.fromEntries(
      b.keys.map((key, i) => [
        key,
        book[key]! * Math.exp(b.mean[i]! + l[i]!.reduce((s, c, j) => s + c * z[j]!, 0)),
      ]),
    )
  }
}
