import type { Density } from '../counting'
import type { Spot } from './countPicture'

/** A mark on a picture: found, added by hand, or struck out. */
export interface Mark {
  x: number
  y: number
  animals: number
  /** Radius of the ring, pixels. */ radius: number
  kind: 'found' | 'added' | 'struck'
}

/** A tap so far beyond its ring is still a tap on it. */
const REACH = 1.2

const radiusOf = (area: number) => Math.sqrt(area / Math.PI) * 1.5 + 3

export const foundMarks = (spots: readonly Spot[]): Mark[] =>
  spots.map(s => ({
    x: s.x,
    y: s.y,
    animals: s.animals,
    radius: radiusOf(s.area),
    kind: 'found',
  }))

/** A point on a mark strikes it out or brings it back; beside all marks it adds an animal of the usual area. */
export function marksAfter(marks: readonly Mark[], x: number, y: number, oneArea: number): Mark[] {
  const far = (m: Mark) => Math.hypot(m.x - x, m.y - y)
  const near = marks.filter(m => far(m) <= m.radius * REACH).sort((a, b) => far(a) - far(b))[0]
  if (!near) return [...marks, { x, y, animals: 1, radius: radiusOf(oneArea), kind: 'added' }]
  if (near.kind === 'added') return marks.filter(m => m !== near)
  const turned: Mark = { ...near, kind: near.kind === 'struck' ? 'found' : 'struck' }
  return marks.map(m => (m === near ? turned : m))
}

/** The drop is a sample, and the picture may be misread: the errors add as squares. Animals per mL. */
export function widened(
  density: Density,
  count: { animals: number; low: number; high: number },
  volumeMl: number,
): [number, number] {
  const off = (sample: number, reading: number) => Math.hypot(sample, reading / volumeMl)
  const below = off(density.perMl - density.lo, count.animals - count.low)
  const above = off(density.hi - density.perMl, count.high - count.animals)
  return [Math.max(0, density.perMl - below), density.perMl + above]
}
