import { useLogSd } from '@renatus/core/provision/useDoubt'
import { normalQuantile } from '@renatus/core/math/normalQuantile'
import type { Provision } from '@renatus/core/provision/provision'
import { daysBetween, type LocalDate } from '@renatus/core/time/localDate'

export const BURN_BOX = { width: 300, height: 64, top: 6, bottom: 58 } as const
/** So many times as much is used as expected, once in ten times. */
const tenth = (p: Provision) => Math.exp(useLogSd(p.left ?? 0, p.doubt) * normalQuantile(0.9))

export interface Burn {
  /** What is left at most and at least, nine times in ten: a closed shape. */
  band: string
  /** What is left as expected. */
  line: string
  /** Where the day to order and what is on its way stand. */
  orderX: number | null
  comesX: number | null
}

/** Shares that are left after each day, when so many times as much is used as expected. */
function leftAfter(p: Provision, days: number, factor: number): number[] {
  let left = p.left ?? 0
  const start = Math.max(1e-9, left)
  return Array.from({ length: days + 1 }, (_, d) => {
    if (d > 0) left = Math.max(0, left - factor * (p.use[d - 1] ?? p.perDay))
    return left / start
  })
}

/** The course of what is left over the days ahead. */
export function burnGeometry(p: Provision, today: LocalDate, days: number): Burn {
  const { width, top, bottom } = BURN_BOX
  const x = (day: number) => (day / days) * width
  const y = (share: number) => bottom - share * (bottom - top)
  const points = (shares: readonly number[]) =>
    shares.map((s, d) => `${x(d).toFixed(1)},${y(s).toFixed(1)}`)
  const at = (on: LocalDate | null) => {
    const day = on === null ? -1 : daysBetween(today, on)
    return day >= 0 && day <= days ? x(day) : null
  }
  return {
    band: [
      ...points(leftAfter(p, days, 1 / tenth(p))),
      ...points(leftAfter(p, days, tenth(p))).reverse(),
    ].join(' '),
    line: points(leftAfter(p, days, 1)).join(' '),
    orderX: at(p.orderOn),
    comesX: at(p.coming?.on ?? null),
  }
}
