import { compare } from '../../math/compare'
import { addDays, type LocalDate } from '../../time/localDate'
import { closing, type Way } from './closing'
import type { Cover } from './futures'
import type { PlanProblem, PlanSolution } from './problem'
import type { PlanRequest } from './request'
import { standbyOf } from './standby'
import type { RoomStart } from './startables'

/** A stretch of days on which a brood goes short, and what would close it, the best way first. */
export interface PlanGap {
  brood: string
  from: LocalDate
  to: LocalDate
  days: number
  /** Largest share of a day's ration that lacks. */ share: number
  ways: Way[]
}

/** Less is within what is spilled. */
const SHORT_FROM = 0.05

/** From this certainty on a day that is planned whole is no matter to decide; and planned whole it is from here. */
const SURE_FROM = 0.85
const WHOLE_FROM = 0.9

type ShortDay = { brood: string; day: number; share: number }

/** Days that follow each other, as stretches with their ways. */
export function stretchesOf(
  r: PlanRequest,
  p: PlanProblem,
  days: readonly ShortDay[],
  starts: readonly RoomStart[],
): PlanGap[] {
  const found: { brood: string; from: number; to: number; share: number }[] = []
  const inOrder = [...days].sort((a, b) => compare(a.brood, b.brood) || a.day - b.day)
  for (const s of inOrder) {
    const last = found.at(-1)
    if (last?.brood === s.brood && last.to === s.day - 1) {
      last.to = s.day
      last.share = Math.max(last.share, s.share)
    } else found.push({ brood: s.brood, from: s.day, to: s.day, share: s.share })
  }
  return found
    .sort((a, b) => a.from - b.from)
    .map(g => ({
      brood: g.brood,
      from: addDays(r.from, g.from),
      to: addDays(r.from, g.to),
      days: g.to - g.from + 1,
      share: g.share,
      ways: closing(r, g, starts, p.hatching),
    }))
}

/** Stretches of days on which broods go short. */
export function gapsOf(
  r: PlanRequest,
  p: PlanProblem,
  solution: PlanSolution,
  starts: readonly RoomStart[],
): PlanGap[] {
  const isStandby = standbyOf(p)
  const short = solution.shortages.filter(x => x.share > SHORT_FROM && !isStandby(x))
  return stretchesOf(r, p, short, starts)
}

/** Stretches of days that are planned whole and yet may well lack: as much as futures go without. */
export function doubtsOf(
  r: PlanRequest,
  p: PlanProblem,
  cover: readonly Cover[],
  starts: readonly RoomStart[],
): PlanGap[] {
  const weak = cover.filter(c => c.planned >= WHOLE_FROM && c.probability < SURE_FROM)
  const days = weak.map(({ brood, day, probability }) => ({ brood, day, share: 1 - probability }))
  return stretchesOf(r, p, days, starts)
}
