import { copyCulture, type Culture } from '../foods/culture'
import type { Lean } from './observer'
import type { RandomStream } from '../math/random'

/** One possible course of a vessel. */
export interface Particle {
  culture: Culture
  /** How who looks at it may lean. */
  lean: Lean
  /** How much wider than people's usually do the grades of who looks may lie. */
  blur: number
  logWeight: number
  /** Hours at which it was first ready. */ readyH: number | null
}
export type Cloud = readonly Particle[]

export interface Band {
  p10: number
  p50: number
  p90: number
}

/** Discount of the kernel that moves parameters apart: variance is kept, copies are not (Liu & West 2001). */
const DISCOUNT = 0.98
const SHRINK = (3 * DISCOUNT - 1) / (2 * DISCOUNT)
const KERNEL = Math.sqrt(1 - SHRINK ** 2)
/** Log spread of the nudge of a population. */
const STATE_JITTER = 0.04

/** Weights of a cloud that sum to 1. */
export function weightsOf(cloud: Cloud): Float64Array {
  let top = -Infinity
  for (const p of cloud) if (p.logWeight > top) top = p.logWeight
  const w = new Float64Array(cloud.length)
  let sum = 0
  for (let i = 0; i < w.length; i++) sum += w[i] = Math.exp(cloud[i]!.logWeight - top)
  for (let i = 0; i < w.length; i++) w[i]! /= sum
  return w
}

export function effectiveNumber(w: Float64Array): number {
  let sum = 0
  for (let i = 0; i < w.length; i++) sum += w[i]! ** 2
  return 1 / sum
}

/** Weighted quantiles. */
export function bandOf(x: ArrayLike<number>, w: ArrayLike<number>): Band {
  const order = Array.from({ length: x.length }, (_, i) => i).sort((a, b) => x[a]! - x[b]!)
  let total = 0
  for (const i of order) total += w[i]!
  const at = (share: number) => {
    let sum = 0
    for (const i of order) {
      sum += w[i]!
      if (sum >= share * total) return x[i]!
    }
    return order.length > 0 ? x[order.at(-1)!]! : 0
  }
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) }
}

/** Indices of a systematic draw of n (Kitagawa 1996). */
export function systematic(w: Float64Array, n: number, u: number): number[] {
  const picked: number[] = []
  let sum = w[0]!
  let i = 0
  for (let k = 0; k < n; k++) {
    const at = (k + u) / n
    while (sum < at && i < w.length - 1) sum += w[++i]!
    picked.push(i)
  }
  return picked
}

/** Keys of the parameters that are not known exactly. */
export const openKeys = (culture: Culture): string[] =>
  Object.entries(culture.food.parameters)
    .filter(([, p]) => p.logSd > 0)
    .map(([key]) => key)

/** A number of each course. */
export function valuesOf(cloud: Cloud, of: (p: Particle) => number): Float64Array {
  const values = new Float64Array(cloud.length)
  for (let i = 0; i < values.length; i++) values[i] = of(cloud[i]!)
  return values
}

function weighted(w: Float64Array, of: (i: number) => number): number {
  let sum = 0
  for (let i = 0; i < w.length; i++) sum += w[i]! * of(i)
  return sum
}

/** Draws the cloud anew by weight, and moves copies apart without widening what is believed of the parameters. */
export function resample(cloud: Cloud, w: Float64Array, chance: RandomStream): Particle[] {
  const keys = openKeys(cloud[0]!.culture)
  const logs = keys.map(key => valuesOf(cloud, p => Math.log(p.culture.params[key]!)))
  const mean = logs.map(log => weighted(w, i => log[i]!))
  const sd = logs.map((log, k) => Math.sqrt(weighted(w, i => (log[i]! - mean[k]!) ** 2)))
  return systematic(w, cloud.length, chance.next()).map(index => {
    const from = cloud[index]!
    const culture = copyCulture(from.culture)
    const params = { ...culture.params }
    culture.params = params
    keys.forEach((key, k) => {
      const pulled = SHRINK * logs[k]![index]! + (1 - SHRINK) * mean[k]!
      params[key] = Math.exp(pulled + chance.normal(0, KERNEL * sd[k]!))
    })
    culture.family.nudge(culture.state, Math.exp(chance.normal(0, STATE_JITTER)))
    return {
      culture,
      lean: from.lean,
      blur: from.blur,
      logWeight: 0,
      readyH: from.readyH,
    }
  })
}

export const copyCloud = (cloud: Cloud): Particle[] =>
  cloud.map(p => ({
    culture: copyCulture(p.culture),
    lean: p.lean,
    blur: p.blur,
    logWeight: p.logWeight,
    readyH: p.readyH,
  }))
