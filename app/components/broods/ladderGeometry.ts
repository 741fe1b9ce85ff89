import { bracket } from '@renatus/core/math/bracket'
import type { Sheet, SheetSpan } from '@renatus/core/fry/broodSheet'
import { foodName } from '~/words/foods'

/** Where the parts of the ladder picture stand, px. Pure, so that it can be tested without a browser. */
export interface Box {
  left: number
  right: number
  top: number
  bottom: number
}
export interface FoodBar {
  food: string
  label: string
  x: number
  y: number
  width: number
  height: number
  labelX: number
  anchor: 'start' | 'end'
  inside: boolean
}
export interface Scales {
  x(day: number): number
  y(mm: number): number
  first: number
  last: number
  ticksMm: number[]
  ticksDay: number[]
}

/** Widest and smallest prey they take: where size fit reaches 0.3, as shares of the gape. */
export const WIDEST = 0.675
export const SMALLEST = 0.059

const TICKS = [0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5]
const BAR_H = 24
const CHAR_PX = 7.6

export function scalesOf(sheet: Sheet, box: Box): Scales {
  const first = sheet.days[0]!.day
  const last = sheet.days.at(-1)!.day
  const widths = sheet.spans.flatMap(s => [s.minUm, s.maxUm])
  const lowest = Math.min(...widths, sheet.days[0]!.gapeUm * SMALLEST * 1.3) / 1000 / 1.5
  const highest = (sheet.band.at(-1)!.hi * WIDEST * 1.1) / 1000
  const span = Math.log(highest / lowest)
  const stepDays = bracket(
    last - first,
    [
      [36, 5],
      [71, 10],
    ],
    20,
  )
  return {
    x: day => box.left + ((day - first) / (last - first)) * (box.right - box.left),
    y: mm => box.bottom - (Math.log(mm / lowest) / span) * (box.bottom - box.top),
    first,
    last,
    ticksMm: TICKS.filter(t => t > lowest && t < highest),
    ticksDay: Array.from(
      { length: Math.floor((last - first) / stepDays) + 1 },
      (_, i) => first + i * stepDays,
    ),
  }
}

/** "Vinegar eels 0.03 mm". */
const labelOf = (s: SheetSpan) =>
  `${foodName(s.food)} ${(s.maxUm / 1000).toFixed(s.maxUm < 100 ? 3 : 2).replace(/0$/, '')} mm`

/** Bars of foods at their widths; those that would cover each other are moved apart, up from the smallest. */
export function foodBars(sheet: Sheet, scales: Scales, box: Box): FoodBar[] {
  const placed: (FoodBar & { reach: [number, number] })[] = []
  const order = [...sheet.spans].sort((a, b) => a.maxUm - b.maxUm)
  for (const s of order) {
    const x = scales.x(s.from)
    const width = Math.max(6, Math.min(scales.x(s.to + 1), box.right) - x)
    const label = labelOf(s)
    const text = label.length * CHAR_PX + 16
    const inside = text <= width
    const fitsRight = x + width + text <= box.right
    // Where neither holds, the label ends with its bar and lies over it.
    const outsideX = fitsRight ? x + width + 6 : x + width - 6
    const labelX = inside ? x + 8 : outsideX
    const anchor = inside || fitsRight ? ('start' as const) : ('end' as const)
    const reach: [number, number] = [
      Math.min(x, anchor === 'end' ? labelX - text : x),
      Math.max(x + width, anchor === 'start' ? labelX + text - 16 : x),
    ]
    const height = Math.max(BAR_H, Math.abs(scales.y(s.minUm / 1000) - scales.y(s.maxUm / 1000)))
    let y = Math.min(
      box.bottom - height,
      (scales.y(s.minUm / 1000) + scales.y(s.maxUm / 1000)) / 2 - height / 2,
    )
    // Pushed up until nothing that shares its days is under it.
    for (let moved = true; moved;) {
      moved = false
      for (const p of placed) {
        if (
          reach[0] < p.reach[1] &&
          reach[1] > p.reach[0] &&
          y < p.y + p.height + 3 &&
          y + height + 3 > p.y
        ) {
          y = p.y - height - 4
          moved = true
        }
      }
    }
    placed.push({ food: s.food, label, x, y, width, height, labelX, anchor, inside, reach })
  }
  return placed.map(({ reach: _, ...bar }) => bar)
}

/** A polyline of days. */
export const line = (sheet: Sheet, scales: Scales, mm: (i: number) => number) =>
  sheet.days
    .map((d, i) => `${i ? 'L' : 'M'}${scales.x(d.day).toFixed(1)} ${scales.y(mm(i)).toFixed(1)}`)
    .join(' ')
