import type { Suitability } from './suitability'
import { FIT_ENOUGH } from './sizeFit'
import type { Pin } from './wishes'

/** Smallest suitability at which a food can be the day's food; a day on which none reaches it is a gap. */
export const SUITABLE = 0.3
/** A food counts in the shares from here on: the square of what is above it. */
export const SHARE_FROM = 0.25
const BEST = 3
/** Days of the centred mean that lets foods overlap. */
export const SMOOTH_DAYS = 5
/** What "prefer" is worth against its peers. */
const PREFERRED_WEIGHT = 3

/** What a mouth makes of a food on a day: how well it suits, and what it is worth beside the others of the day. */
export type DaySuitability = Readonly<Record<string, Suitability & { worth: number }>>

export interface DayShares {
  share: Record<string, number>
  /** Share of the day that can be covered so, 0 to 1. */
  covered: number
  gap: boolean
  /** Only a pinned food of low worth carries the day. */ bridged: boolean
}

/** Raw shares of a day: the best three that suit, by the square of what they are worth above the threshold. */
function rawShares(day: DaySuitability, preferred: readonly string[]): Map<string, number> {
  const weighed = Object.entries(day)
    .filter(([, s]) => s.worth > SHARE_FROM)
    .map(([id, { worth }]): [string, number] => [
      id,
      (worth - SHARE_FROM) ** 2 * (preferred.includes(id) ? PREFERRED_WEIGHT : 1),
    ])
    .sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1))
  return new Map(weighed.slice(0, BEST))
}

/**
 * Divides a part of a day over foods by weight, none above what it can cover: what one cannot the others do, then whatever
 * fits, best suited first. Where all of them together cannot, they cover what they can, and the shares still make up the part.
 */
function withinBounds(
  weights: ReadonlyMap<string, number>,
  day: DaySuitability,
  part: number,
): { share: Map<string, number>; covered: number } {
  const share = new Map<string, number>()
  const bound = (id: string) => Math.min(part, day[id]!.bound)
  let open = new Map([...weights].filter(([id, w]) => w > 0 && bound(id) > 0))
  let left = part
  while (open.size > 0 && left > 1e-12) {
    const all = [...open.values()].reduce((a, b) => a + b, 0)
    const over = [...open].filter(([id, w]) => (w / all) * left > bound(id) + 1e-12)
    const settled = over.length > 0 ? over : [...open]
    const from = left
    for (const [id, w] of settled) {
      const given = over.length > 0 ? bound(id) : (w / all) * from
      share.set(id, given)
      left -= given
    }
    open = new Map([...open].filter(([id]) => !share.has(id)))
  }
  const others = Object.entries(day)
    .filter(([id, s]) => !share.has(id) && s.fit >= FIT_ENOUGH && s.value > 0 && bound(id) > 0)
    .sort(([a, x], [b, y]) => y.value - x.value || (a < b ? -1 : 1))
  for (const [id] of others) {
    if (left <= 1e-12) break
    const given = Math.min(left, bound(id))
    share.set(id, given)
    left -= given
  }
  const covered = part - Math.max(0, left)
  for (const [id, x] of share) share.set(id, covered > 0 ? (x * part) / covered : 0)
  return { share, covered }
}

const normalised = (weights: Map<string, number>): Map<string, number> => {
  const sum = [...weights.values()].reduce((a, b) => a + b, 0)
  return sum > 0 ? new Map([...weights].map(([id, w]) => [id, w / sum])) : weights
}

/** Shares that are pinned on a day. A pin never brings a food that does not fit, nor more of it than fits. */
function pinnedOn(day: DaySuitability, n: number, pins: readonly Pin[]): Map<string, number> {
  const pinned = new Map<string, number>()
  for (const pin of pins) {
    const fit = day[pin.food]?.fit ?? 0
    if (n >= pin.fromDay && n <= pin.toDay && fit >= FIT_ENOUGH)
      pinned.set(pin.food, Math.min(pin.share, fit))
  }
  return pinned
}

/** Weights around day i, of the foods that fit on it. */
function smoothed(
  day: DaySuitability,
  raw: readonly ReadonlyMap<string, number>[],
  i: number,
): Map<string, number> {
  const reach = (SMOOTH_DAYS - 1) / 2
  const smooth = new Map<string, number>()
  for (const near of raw.slice(Math.max(0, i - reach), i + reach + 1)) {
    for (const [id, w] of near)
      if (day[id]!.fit >= FIT_ENOUGH) smooth.set(id, (smooth.get(id) ?? 0) + w)
  }
  return smooth
}

/**
 * Shares of foods by day: best three, smoothed by a centred mean of some days over the foods that fit on that day, renormalised,
 * none above what it can cover; pins come first. They sum to 1 on every day, except on a gap, where all are 0.
 * @param days suitability of every allowed food, day after day
 * @param firstDay number of the first of them, for the pins
 */
export function dayShares(
  days: readonly DaySuitability[],
  firstDay: number,
  preferred: readonly string[],
  pins: readonly Pin[],
): DayShares[] {
  const raw = days.map(d => normalised(rawShares(d, preferred)))
  return days.map((day, i) => {
    const pinned = pinnedOn(day, firstDay + i, pins)
    const suits = Object.values(day).some(s => s.value >= SUITABLE)
    const pinSum = [...pinned.values()].reduce((a, b) => a + b, 0)
    if (!suits && pinSum === 0) return { share: zeros(day), covered: 0, gap: true, bridged: false }
    const smooth = suits ? smoothed(day, raw, i) : new Map<string, number>()
    for (const id of pinned.keys()) smooth.delete(id)
    const rest = normalised(smooth)
    const pinScale = pinSum > 1 || rest.size === 0 ? 1 / pinSum : 1
    const left = 1 - pinSum * pinScale
    const share = zeros(day)
    for (const [id, w] of pinned) share[id] = w * pinScale
    const free = Object.fromEntries(Object.entries(day).filter(([id]) => !pinned.has(id)))
    const bounded = withinBounds(rest, free, left)
    for (const [id, w] of bounded.share) share[id] = w
    const covered = Math.min(1, pinSum) + bounded.covered
    return { share, covered, gap: false, bridged: !suits }
  })
}

function zeros(day: DaySuitability): Record<string, number> {
  const share: Record<string, number> = {}
  for (const id in day) share[id] = 0
  return share
}
