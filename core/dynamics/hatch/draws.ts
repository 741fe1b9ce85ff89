import type { HatchCurve } from './hatchCurve'
import { HATCH } from './parameters'

/** Something is drawn from a bottle: when, and which share of what swims in it then. */
export interface Draw {
  h: number
  share: number
}
/** What a draw brings, as shares of all nauplii that hatch; `useful` in whole yolk. */
export interface Drawn {
  h: number
  hatchedFraction: number
  useful: number
}

const between = (low: number, x: number, high: number): number => Math.min(high, Math.max(low, x))

/** Of what swims in a bottle from one hour to another so much is alive: crowded and starving they die from T90 + 12 h on. */
function survives({ t90h }: HatchCurve, from: number, to: number): number {
  if (t90h === null) return 1
  const dying = Math.max(0, to - Math.max(from, t90h + HATCH.crowdingDelayH))
  return Math.exp(-HATCH.crowdingDeathPerHour * dying)
}

/** What draws bring one after the other: what is left in the bottle grows by what hatches, and loses yolk and lives. */
export function draws(curve: HatchCurve, planned: readonly Draw[]): Drawn[] {
  let left = { h: 0, hatched: 0, useful: 0 }
  return planned.map(({ h, share }) => {
    const pulled = curve.pull(h, left.h)
    // Where next to nothing hatches the curve's own steps are larger than what it brings.
    const hatching = Math.max(0, pulled.hatchedFraction)
    const fresh = { hatching, useful: between(0, pulled.useful, hatching) }
    const usefulBefore = curve.usefulAt(left.h)
    // Of the yolk that was there, so much is left: what the curve keeps of its own.
    const keeps = usefulBefore > 0 ? (curve.usefulAt(h) - pulled.useful) / usefulBefore : 1
    const alive = survives(curve, left.h, h)
    const living = between(0, curve.aliveAt(h) - curve.aliveAt(left.h) * alive, hatching)
    const lives = hatching > 0 ? living / hatching : 1
    const hatched = left.hatched * alive + living
    const useful = left.useful * keeps * alive + fresh.useful * lives
    left = { h, hatched: hatched * (1 - share), useful: useful * (1 - share) }
    return { h, hatchedFraction: hatched * share, useful: useful * share }
  })
}

/** Shares of draws that bring as much each time: a fourth, a third, a half, the rest. */
export const evenShares = (hours: readonly number[]): Draw[] =>
  hours.map((h, i) => ({ h, share: 1 / (hours.length - i) }))
/** Each draw takes all that swims. */
export const wholePulls = (hours: readonly number[]): Draw[] => hours.map(h => ({ h, share: 1 }))
