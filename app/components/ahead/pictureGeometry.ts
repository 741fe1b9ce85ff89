import type { AheadPicture, Bar, Lane } from '@renatus/core/planning/plan/aheadPicture'

/** Heights of the parts of the picture, px. On a narrow screen names stand above what they name. */
interface Sizes {
  left: number
  right: number
  axis: number
  heading: number
  mouth: number
  bandHeight: number
  name: number
  /** A row of vessels that stand, and one with starts: their handles want more. */
  standing: number
  start: number
  supply: number
  pad: number
}
const WIDE: Sizes = {
  left: 176,
  right: 8,
  axis: 20,
  heading: 18,
  mouth: 16,
  bandHeight: 7,
  name: 0,
  standing: 9,
  start: 17,
  supply: 12,
  pad: 2,
}
const NARROW: Sizes = {
  ...WIDE,
  left: 2,
  name: 22,
  mouth: 40,
  bandHeight: 8,
  pad: 5,
  start: 26,
  supply: 17,
}
const NARROW_BELOW = 620
/** A label of a date takes so much, px. */
const LABEL_PX = 58

const sizesFor = (width: number): Sizes => (width < NARROW_BELOW ? NARROW : WIDE)
export const isNarrow = (width: number) => width < NARROW_BELOW

export interface Placed<T> {
  of: T
  top: number
  height: number
}
export interface PlacedLane extends Placed<Lane> {
  /** Tops of its rows of vessels. */
  rows: number[]
}
export interface Layout {
  sizes: Sizes
  days: number
  width: number
  height: number
  px: number
  x(day: number): number
  mouthsTop: number
  linesTop: number
  mouths: Placed<AheadPicture['mouths'][number]>[]
  lanes: PlacedLane[]
  ticks: number[]
}

const rowHeights = (l: Lane, s: Sizes): number[] =>
  Array.from({ length: l.rows }, (_, row) =>
    l.bars.some(b => b.row === row && b.kind !== 'stands') ? s.start : s.standing,
  )
const laneHeight = (l: Lane, s: Sizes) => {
  const own = s.name + rowHeights(l, s).reduce((a, b) => a + b, 0) + s.supply + 2 * s.pad
  return Math.max(own, s.name > 0 ? 0 : 1.7 * s.mouth)
}
function placeRows(lane: Placed<Lane>, s: Sizes): PlacedLane {
  let y = lane.top + s.name + s.pad
  const rows = rowHeights(lane.of, s).map(h => {
    y += h
    return y - h
  })
  return { ...lane, rows }
}

/** Where everything of a picture lies on so wide a screen. */
export function layoutOf(picture: AheadPicture, width: number): Layout {
  const sizes = sizesFor(width)
  const px = (width - sizes.left - sizes.right) / picture.days
  let y = sizes.axis
  const stack = <T>(list: readonly T[], heightOf: (of: T) => number): Placed<T>[] =>
    list.map(of => {
      const placed = { of, top: y, height: heightOf(of) }
      y += placed.height
      return placed
    })
  const mouthsTop = y
  y += sizes.heading
  const mouths = stack(picture.mouths, () => sizes.mouth)
  const linesTop = y + sizes.pad
  y = linesTop + sizes.heading
  const lanes = stack(picture.lanes, l => laneHeight(l, sizes)).map(l => placeRows(l, sizes))
  const step = 7 * Math.max(1, Math.ceil(LABEL_PX / (7 * px)))
  const ticks = Array.from({ length: Math.ceil(picture.days / step) }, (_, i) => i * step)
  const x = (day: number) => sizes.left + Math.max(0, Math.min(picture.days, day)) * px
  const { days } = picture
  return { sizes, days, width, height: y, px, x, mouthsTop, linesTop, mouths, lanes, ticks }
}

/** Height of a vessel's bar, and width of the handle of a start, px. */
export const BAR_H = 7
export const HANDLE = 22
/** A row that has a start is higher: its handle wants it. */
const START_PAD = 5

/** Top of a vessel's bar in its lane, px. */
export function barTop({ of: lane, rows }: PlacedLane, b: Bar): number {
  const hasStart = lane.bars.some(other => other.row === b.row && other.kind !== 'stands')
  return rows[b.row]! + (hasStart ? START_PAD : 0)
}

/** Supply is drawn up to so many times what is wanted: what is over matters to nobody. */
const OVER = 2.5
const AIR = 1.1

/** Need and supply of a lane as paths, at the foot of it. */
export function supplyPaths({ of: lane, top, height }: Placed<Lane>, l: Layout) {
  const { wanted, supply } = lane
  const need = Math.max(...wanted)
  const bound = need > 0 ? OVER * need : Infinity
  const most = AIR * Math.max(1, need, ...supply.p50.map(s => Math.min(s, bound)))
  const foot = top + height - l.sizes.pad
  const y = (value: number) => foot - (Math.min(value, most) / most) * (l.sizes.supply - 1)
  const at = (value: number, day: number) => `${l.x(day + 0.5).toFixed(1)} ${y(value).toFixed(1)}`
  const line = (values: readonly number[]) =>
    values.map((v, d) => `${d ? 'L' : 'M'}${at(v, d)}`).join(' ')
  const back = supply.p10.map((v, d) => `L${at(v, d)}`).reverse()
  return {
    foot,
    need: need > 0 ? line(wanted) : '',
    supply: line(supply.p50),
    band: `${line(supply.p90)} ${back.join(' ')} Z`,
  }
}
