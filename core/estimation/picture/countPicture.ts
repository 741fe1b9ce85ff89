import { fromMask, Mask } from 'image-js'
import { fromBackground } from './background'
import type { GreyPicture } from './picture'

/** A patch that stands out: where it is, its area in pixels, and how many animals it is taken for. */
export interface Spot {
  x: number
  y: number
  area: number
  animals: number
}

export type PictureCount =
  | {
      ok: true
      animals: number
      /** How far the count of this picture itself may be off, 95 %. */ low: number
      high: number
      spots: Spot[]
      /** Area of one animal, pixels. */ oneArea: number
    }
  | { ok: false; why: 'blank' | 'too-small' | 'crowded' }

/** Below this side nothing can be told, pixels. */
const LEAST_SIDE = 40
/** Standard deviations of the grain beyond which something stands out, and share of its own contrast at which an animal ends. */
const STANDS_OUT = 5
const MOST_GRAIN = 15
const EDGE = 0.45
/** Patches smaller than this are grain, pixels; than this share of an animal, dirt. */
const LEAST_AREA = 6
const DIRT = 0.4
/** Above this share of covered ground patches are not animals any more. */
const MOST_COVER = 0.3
/** Above this share of animals in heaps the number is a guess. */
const MOST_IN_HEAPS = 0.6
/** An animal has no hole in it larger than this share of it. */
const MOST_HOLLOW = 0.5
/** Patches up to this many times the usual one are single animals. */
const SINGLE = 1.6
/** How surely one patch is one animal, and how far the number in a heap may be off, sd. */
const ONE_SD = 0.05
const HEAP_SD = 0.25

/**
 * Counts animals in a picture: ground taken off, what stands out against its grain, patches that hang together,
 * touching animals split by area.
 */
export function countPicture(picture: GreyPicture): PictureCount {
  const { width, height } = picture
  if (Math.min(width, height) < LEAST_SIDE) return { ok: false, why: 'too-small' }
  const off = fromBackground(picture)
  const grain = grainOf(off)
  // No lens is as grainy as this: the ground is hidden by animals.
  if (grain > MOST_GRAIN) return { ok: false, why: 'crowded' }
  const limit = STANDS_OUT * grain
  // Animals are all darker than their ground, or all lighter: what there is more of.
  let [dark, light, covered] = [0, 0, 0]
  for (const d of off) {
    if (d < -limit) dark -= d
    else if (d > limit) light += d
    else continue
    covered++
  }
  if (covered === 0) return { ok: false, why: 'blank' }
  if (covered > MOST_COVER * off.length) return { ok: false, why: 'crowded' }
  const sign = dark >= light ? -1 : 1
  const found = patches(off, width, height, sign, edgeOf(off, sign, limit))
  if (found.length === 0) return { ok: false, why: 'blank' }
  const oneArea = areaOfOne(found.map(p => p.area))
  const spots = found
    .filter(p => p.area >= DIRT * oneArea)
    .map(p => ({ ...p, animals: p.area < SINGLE * oneArea ? 1 : Math.round(p.area / oneArea) }))
  const inHeaps = spots.reduce((s, p) => s + (p.animals > 1 ? p.animals : 0), 0)
  const count = tally(spots)
  return inHeaps > MOST_IN_HEAPS * count.animals && inHeaps > 30
    ? { ok: false, why: 'crowded' }
    : { ok: true, spots, oneArea, ...count }
}

/** Sum of the spots, with how far it may be off. */
export function tally(spots: readonly Pick<Spot, 'animals'>[]): {
  animals: number
  low: number
  high: number
} {
  const animals = spots.reduce((s, p) => s + p.animals, 0)
  const variance =
    (ONE_SD * animals) ** 2 +
    spots.reduce((s, p) => s + (p.animals > 1 ? (HEAP_SD * p.animals) ** 2 : 0), 0)
  const off = 1.96 * Math.sqrt(variance)
  return { animals, low: Math.max(0, Math.floor(animals - off)), high: Math.ceil(animals + off) }
}

/** Standard deviation of the grain, by the median of absolute differences: animals do not move it. */
function grainOf(off: Float32Array): number {
  const step = Math.max(1, Math.floor(off.length / 50_000))
  const some = new Float32Array(Math.ceil(off.length / step))
  for (let i = 0, j = 0; j < off.length; i++, j += step) some[i] = Math.abs(off[j]!)
  some.sort()
  return Math.max(0.6, 1.4826 * some[Math.floor(some.length / 2)]!)
}

/** Contrast at which animals end: a share of what the strong ones have, and above the grain. */
function edgeOf(off: Float32Array, sign: number, limit: number): number {
  const strong = off
    .filter(d => d * sign > limit)
    .map(d => d * sign)
    .sort()
  return Math.max(limit * 0.8, EDGE * strong[Math.floor(0.7 * strong.length)]!)
}

function patches(
  off: Float32Array,
  width: number,
  height: number,
  sign: number,
  edge: number,
): Omit<Spot, 'animals'>[] {
  const data = new Uint8Array(off.length)
  for (let i = 0; i < off.length; i++) if (off[i]! * sign > edge) data[i] = 1
  const mask = new Mask(width, height, { data })
  const rois = fromMask(mask, { allowCorners: true }).getRois({
    kind: 'white',
    minSurface: LEAST_AREA,
  })
  // A rim around nothing is an air bubble.
  return rois
    .filter(r => r.holesInfo.surface < MOST_HOLLOW * r.surface)
    .map(r => ({ x: r.centroid.column, y: r.centroid.row, area: r.surface }))
}

/** Area of one animal: the middle of the patches that are no dirt and no heaps, found by going round until it stays. */
function areaOfOne(areas: readonly number[]): number {
  const sorted = [...areas].sort((a, b) => a - b)
  // Dirt is many and small: the half of the covered ground lies in patches at least this large.
  let one = medianByArea(sorted)
  for (let i = 0; i < 12; i++) {
    const singles = sorted.filter(a => a > DIRT * one && a < SINGLE * one)
    const next = singles[Math.floor(singles.length / 2)] ?? one
    if (next === one) break
    one = next
  }
  return one
}

function medianByArea(sorted: readonly number[]): number {
  const total = sorted.reduce((a, b) => a + b, 0)
  let sum = 0
  for (const a of sorted) {
    sum += a
    if (sum >= total * 0.35) return a
  }
  return sorted.at(-1)!
}
