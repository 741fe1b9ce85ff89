import type { PhototrophParams } from './parameters'

/** Mean light in a layer of algae, umol photons m-2 s-1 (Beer and Lambert). */
export function meanLight(p: PhototrophParams, x: number, depthM: number): number {
  const a = (p.k * x + p.kw) * depthM
  return a < 1e-6 ? p.i0 : (p.i0 * (1 - Math.exp(-a))) / a
}

/** Daily mean of growth with ample nitrogen at 22 C, 1/d. */
export function dailyGrowth(p: PhototrophParams, x: number, depthM: number): number {
  const i = meanLight(p, x, depthM)
  return (p.litH / 24) * p.muMax * (i / (i + p.ki))
}

/** Density at which the daily mean of growth equals respiration: the lower half is dark, mg/L. */
export function lightLimit(p: PhototrophParams, depthM: number): number {
  let lo = 0
  let hi = 1
  while (dailyGrowth(p, hi, depthM) > p.resp && hi < 1e5) hi *= 2
  for (let i = 0; i < 40; i++) {
    const middle = (lo + hi) / 2
    if (dailyGrowth(p, middle, depthM) > p.resp) lo = middle
    else hi = middle
  }
  return hi
}

/** Largest share that may be taken a day: ln(1/(1 - share)) = mean growth at the wanted density, less respiration. */
export const thinningShare = (p: PhototrophParams, depthM: number, thermal: number) =>
  Math.max(0, 1 - Math.exp(-(dailyGrowth(p, p.wanted, depthM) - p.resp) * thermal))

/** Depth at which a marked stick vanishes, cm. */
export const secchiCm = (p: Pick<PhototrophParams, 'k' | 'kw'>, x: number) => 90 / (p.k * x + p.kw)
