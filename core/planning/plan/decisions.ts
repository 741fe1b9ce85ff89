import { compare } from '../../math/compare'
import { addDays, daysBetween, type Instant, type LocalDate } from '../../time/localDate'
import { localDateOf } from '../../time/localDate'
import type { CulturePlan } from './planRoom'
import type { PlanGet } from './planGets'
import type { Way } from './closing'
import type { PlanGap } from './gaps'
import type { PlannedStart } from './explainStart'
import type { HatchLine } from './plannedHatches'

/** Something to decide or do, in the order of the days. */
export type Decision =
  | { kind: 'get'; on: LocalDate; get: PlanGet }
  | { kind: 'order'; on: LocalDate; start: PlannedStart }
  | {
      kind: 'start'
      on: LocalDate
      start: PlannedStart
      /** Days until it would be too late for nine in ten. */ slack: number
      /** Whether mouths miss what comes too late (comesLate). */ late: boolean
    }
  | { kind: 'gap'; on: LocalDate; gap: PlanGap }
  | {
      kind: 'doubt'
      on: LocalDate
      brood: string
      to: LocalDate
      probability: number
      way: Way | null
    }
  | { kind: 'hatch'; on: LocalDate; hatch: HatchLine }

/** Whether a start is as early as it can be: of today, or of a starter that is ordered today. */
const isSoonest = (s: Pick<PlannedStart, 'on' | 'orderBy'>, today: LocalDate): boolean =>
  (s.orderBy ?? s.on) <= today

type Times = Pick<PlannedStart, 'on' | 'orderBy' | 'neededOn' | 'forBrood'> & {
  /** Null where it was kept long ago. */ readyBy: LocalDate | null
}

/**
 * Whether a start is late: one in ten is ready after the day on which the plan first feeds it,
 * it cannot be begun sooner, and what it is for goes short or is in doubt meanwhile. Where other food steps in nothing is late.
 */
export function comesLate(plan: Pick<CulturePlan, 'from' | 'gaps' | 'doubts'>, s: Times): boolean {
  const { readyBy, neededOn } = s
  if (readyBy === null || readyBy <= neededOn || !isSoonest(s, plan.from)) return false
  const meanwhile = (x: PlanGap) => x.from <= readyBy && x.to >= neededOn
  return [...plan.gaps, ...plan.doubts].some(x => x.brood === s.forBrood && meanwhile(x))
}

/** What a plan asks of somebody next: orders and starts, gaps, doubtful days, and the first hatch. */
export function decisions(plan: CulturePlan, timeZone: string, most = 5): Decision[] {
  const found: Decision[] = plan.gets.map(get => ({ kind: 'get', on: get.by, get }))
  for (const s of plan.starts) {
    if (s.orderBy !== null)
      found.push({ kind: 'order', on: s.orderBy < plan.from ? plan.from : s.orderBy, start: s })
    const slack = daysBetween(s.readyBy, s.neededOn)
    found.push({ kind: 'start', on: s.on, start: s, slack, late: comesLate(plan, s) })
  }
  // A gap is decided while its best way still helps: today, or so many days before it that the way takes.
  for (const gap of plan.gaps) {
    const best = gap.ways[0]
    const takes = best ? daysBetween(plan.from, best.helpsFrom) : 0
    const on = addDays(gap.from, -takes)
    found.push({ kind: 'gap', on: on < plan.from ? plan.from : on, gap })
  }
  const hatch = plan.hatches[0]
  if (hatch) found.push({ kind: 'hatch', on: dayOf(hatch.startAt, timeZone), hatch })
  for (const { brood, from, to, share, ways } of plan.doubts)
    found.push({ kind: 'doubt', on: from, brood, to, probability: 1 - share, way: ways[0] ?? null })
  const rank: Decision['kind'][] = ['get', 'gap', 'order', 'start', 'hatch', 'doubt']
  return found
    .sort((a, b) => compare(a.on, b.on) || rank.indexOf(a.kind) - rank.indexOf(b.kind))
    .slice(0, most)
}

const dayOf = (at: Instant, timeZone: string) => localDateOf(at, timeZone)
