import type { FamilyId, Sign } from '@renatus/core/dynamics/contract'
import { randomStream } from '@renatus/core/math/random'
import { shapeOf, type VesselShape } from './vesselShape'

/** What a vessel looks like inside, drawn by one set of rules from the grades of its signs. */
export interface Speck {
  x: number
  y: number
  length: number
  angle: number
}
export interface Contents {
  /** Height of the surface. */
  level: number
  colour: string
  /** Opacity of what clouds it, 0 to 1. */
  haze: number
  specks: Speck[]
  /** Dots on the wall above the surface. */
  climbers: { x: number; y: number }[]
  /** Commas at the surface. */
  pupae: number[]
  /** Thickness of a skin on the surface and of what lies at the bottom. */
  film: number
  sediment: number
}
export type Grades = Partial<Record<Sign, number>>

/** Colours of the water by grade of tint: what stands in it decides. */
const TINTS: Record<FamilyId, readonly string[]> = {
  'phototroph': ['#E9EFE6', '#CFE3B4', '#8DBF5A', '#3F7A2E', '#7B7A35', '#C9B64A'],
  'logistic': ['#F0E8D4', '#E2CFA0', '#AF8C58', '#5A4631'],
  'consumer': ['#E4EBE3', '#E2E3BE', '#E3BFB0', '#C98377'],
  'succession': ['#E6ECE6', '#E6DDB8', '#BC9F6E', '#93928A'],
  'stage-clock': ['#DDE0CF', '#CFC9A5', '#A79B6E', '#857A52'],
  'hatch': ['#C4B196', '#CCA377', '#D28D5C', '#D97B3F'],
}
const MOST_SPECKS = 80
const MOST_CLIMBERS = 40
const MOST_PUPAE = 9
/** Share of a vessel that is full when nothing else is known. */
export const FULL = 0.8

const mix = (a: string, b: string, t: number) =>
  `#${[1, 3, 5]
    .map(i =>
      Math.round(parseInt(a.slice(i, i + 2), 16) * (1 - t) + parseInt(b.slice(i, i + 2), 16) * t)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`
function tintOf(family: FamilyId, grade: number): string {
  const scale = TINTS[family]
  const g = Math.min(scale.length - 1, Math.max(0, grade))
  const i = Math.min(scale.length - 2, Math.floor(g))
  return mix(scale[i]!, scale[i + 1]!, g - i)
}
const share = (grade: number | undefined) => Math.min(1, Math.max(0, (grade ?? 0) / 3))

/** @param fill share of the vessel that is full; the seed keeps a vessel's specks in their places */
export function contentsOf(
  shape: VesselShape,
  family: FamilyId,
  grades: Grades,
  seed = 7,
  fill = FULL,
): Contents {
  const s = shapeOf(shape)
  const chance = randomStream(seed)
  const level = s.floor - (s.floor - s.rim) * fill
  const middle = s.width / 2
  const sediment = 2 + share(grades.sediment) * (s.floor - level) * 0.22
  const gathered = share(grades.gathering)
  const length = 1.6 + share(grades.size) * 5
  const floor = s.floor - 2
  // Every speck has its place whether it is drawn or not, so that more of them add to those that are there.
  const places = Array.from({ length: MOST_SPECKS }, (): Speck => {
    const [u, v, gathers, angle] = [chance.next(), chance.next(), chance.next(), chance.next()]
    const y =
      gathers < gathered
        ? level + 3 + v * (floor - level) * 0.15
        : level + 4 + v * Math.max(1, floor - level - 6)
    return { x: middle + (2 * u - 1) * (s.half(y) - 5), y, length, angle: Math.PI * angle }
  })
  const climbing = Array.from({ length: MOST_CLIMBERS }, () => {
    const y = s.rim + 2 + chance.next() * Math.max(1, level - s.rim - 4)
    return { x: middle + (chance.next() < 0.5 ? -1 : 1) * (s.half(y) - 3 - 3 * chance.next()), y }
  })
  return {
    level,
    colour: tintOf(family, grades.tint ?? 0),
    haze: 0.8 * share(grades.cloudiness),
    specks: places.slice(0, Math.round(MOST_SPECKS * share(grades.movers) ** 1.3)),
    climbers: climbing.slice(0, Math.round(MOST_CLIMBERS * share(grades.climbing))),
    pupae: Array.from(
      { length: Math.round(MOST_PUPAE * share(grades.pupae)) },
      (_, i) => middle + (s.half(level) - 8) * ((2 * i + 1) / MOST_PUPAE - 1),
    ),
    film: 4.5 * share(grades.film),
    sediment,
  }
}
