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

export type DaySuitability = Readonly<Record<string, Suitability>>

export interface DayShares {
  share: Record<string, number>
  gap: boolean
  /** Only a pinned food of low worth carries the day. */ bridged: boolean
}

/** Raw shares of a day: the best three that suit, by the square of what they have above the threshold. */
function rawShares(day: DaySuitability, preferred: readonly string[]): Map<string, number> {
  const best: [string, number][] = []
  for (const id in day) {
    const { value } = day[id]!
    if (value <= SHARE_FROM) continue
    let at = best.length
    while (
      at > 0 &&
      (best[at - 1]![1] < value || (best[at - 1]![1] === value && best[at - 1]![0] > id))
    )
      at--
    if (at < BEST) {
      best.splice(at, 0, [id, value])
      if (best.length > BEST) best.pop()
    }
  }
  return new Map(
    best.map(([id, value]) => [
      id,
      (value - SHARE_FROM) ** 2 * (preferred.includes(id) ? PREFERRED_WEIGHT : 1),
    ]),
  )
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
 * Shares of foods by day: best three, smoothed by a centred mean of five days over the foods that fit on that day, renormalised; pins come first.
 * They sum to 1 on every day, except on a gap, where all are 0.
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
    if (!suits && pinSum === 0) return { share: zeros(day), gap: true, bridged: false }
    const smooth = suits ? smoothed(day, raw, i) : new Map<string, number>()
    for (const id of pinned.keys()) smooth.delete(id)
    const rest = normalised(smooth)
    const pinScale = pinSum > 1 || rest.size === 0 ? 1 / pinSum : 1
    const left = 1 - pinSum * pinScale
    const share = zeros(day)
    for (const [id, w] of pinned) share[id] = w * pinScale
    for (const [id, w] of rest) share[id] = w * left
    return { share, gap: false, bridged: !suits }
  })
}

function zeros(day: DaySuitability): Record<string, number> {
  const share: Record<string, number> = {}
  for (const id in day) share[id] = 0
  return share
}
