import { compare } from '../../math/compare'
import { daysBetween, type LocalDate } from '../../time/localDate'
import type { PlannedStart } from './explainStart'
import { asKept, type KeptPlan, type KeptStart, type StartState } from './keptPlan'
import type { FactChange } from './planFacts'

/** One line of what a new plan does otherwise than the kept one. */
export interface PlanChange {
  kind: 'new' | 'dropped' | 'moved' | 'more' | 'fewer'
  /** As it is kept, and as it would be. */
  was: KeptStart | null
  is: PlannedStart | null
  /** The changes of facts that bear on it; none when only time has passed. */
  because: FactChange[]
}

/** Whether a change of the room bears on the starts of one food for one brood. */
function bearsOn(c: FactChange, food: string, brood: string): boolean {
  if ('brood' in c) return c.brood === brood
  return 'food' in c ? c.food === food : true
}
const because = (changes: readonly FactChange[], food: string, brood: string) =>
  changes.filter(c => bearsOn(c, food, brood))

function kindOf(was: StartState | null, is: PlannedStart | null): PlanChange['kind'] | null {
  if (was === null) return 'new'
  if (is === null) return 'dropped'
  if (was.on !== is.on) return 'moved'
  if (is.vessels === was.vessels) return null
  return is.vessels > was.vessels ? 'more' : 'fewer'
}

/** The starts of one food, old beside new: those of one day first, then the nearest. */
function pairsOf(olds: readonly StartState[], all: readonly PlannedStart[]) {
  let news = [...all]
  // What stands on its day is not touched by what moves around it.
  const pairs: [StartState | null, PlannedStart | null][] = []
  const take = (old: StartState, is: PlannedStart | null) => {
    pairs.push([old, is])
    news = news.filter(n => n !== is)
  }
  const moved: StartState[] = []
  for (const old of olds) {
    const same = news.find(n => n.on === old.on)
    if (same) take(old, same)
    else moved.push(old)
  }
  for (const old of moved) {
    const far = (n: PlannedStart) => Math.abs(daysBetween(old.on, n.on))
    take(old, [...news].sort((a, b) => far(a) - far(b))[0] ?? null)
  }
  return [...pairs, ...news.map((n): [null, PlannedStart] => [null, n])]
}

const vesselsOn = (starts: readonly { on: LocalDate; vessels: number }[], on: LocalDate) =>
  starts.filter(s => s.on === on).reduce((n, s) => n + s.vessels, 0)

/** Lines of one food on days on which as many vessels are started as before: what is late counts with what is due. */
function unlike(olds: readonly StartState[], news: readonly PlannedStart[]) {
  const differs = ({ on }: { on: LocalDate }) => vesselsOn(olds, on) !== vesselsOn(news, on)
  return [olds.filter(differs), news.filter(differs)] as const
}

/** A line that was refused stays away, on its day and around it. */
const isRefused = (x: KeptPlan['refused'][number], is: PlannedStart) =>
  x.food === is.food && Math.abs(daysBetween(x.on, is.on)) <= 2 && x.vessels >= is.vessels

/**
 * What a new plan does otherwise. Starts of one food are matched in the order of their days, so that one that was moved stays the same one.
 * @param left starts of the kept plan that are still to be made
 * @param refused lines that were refused and stay away
 */
export function planDifference(
  left: readonly StartState[],
  next: readonly PlannedStart[],
  changes: readonly FactChange[],
  refused: KeptPlan['refused'] = [],
): PlanChange[] {
  const found: PlanChange[] = []
  const foods = [...new Set([...left.map(s => s.food), ...next.map(s => s.food)])].sort()
  for (const food of foods) {
    const [olds, news] = unlike(
      left.filter(s => s.food === food),
      next.filter(s => s.food === food),
    )
    const pairs = pairsOf(olds, news)
    for (const [was, is] of pairs) {
      const kind = kindOf(was, is)
      if (kind === null) continue
      if (kind === 'new' && refused.some(x => isRefused(x, is!))) continue
      found.push({ kind, was, is, because: because(changes, food, is?.forBrood ?? was!.forBrood) })
    }
  }
  const day = (c: PlanChange) => c.is?.on ?? c.was!.on
  return found.sort((a, b) => compare(day(a), day(b)))
}

/** Takes a line into the kept plan: the start keeps its name, and what was already started counts on. */
export function acceptChange(
  plan: Pick<KeptPlan, 'starts' | 'pins' | 'refused'>,
  change: PlanChange,
): Pick<KeptPlan, 'starts' | 'pins' | 'refused'> {
  const { was, is } = change
  const others = plan.starts.filter(s => s.id !== was?.id)
  const pins = was ? plan.pins.filter(p => !(p.food === was.food && p.on === was.on)) : plan.pins
  if (!is) return { ...plan, starts: others, pins }
  const fresh = asKept(is, new Set(plan.starts.map(s => s.id)))
  const kept = was && plan.starts.find(s => s.id === was.id)
  const done = kept ? kept.vessels - was.vessels : 0
  return {
    ...plan,
    pins,
    starts: [...others, kept ? { ...fresh, id: kept.id, vessels: is.vessels + done } : fresh],
  }
}

/** Refuses a line: what was kept is pinned to its day, what is new stays away. */
export function refuseChange(
  plan: Pick<KeptPlan, 'starts' | 'pins' | 'refused'>,
  { was, is }: PlanChange,
): Pick<KeptPlan, 'starts' | 'pins' | 'refused'> {
  if (!was)
    return {
      ...plan,
      refused: [
        ...plan.refused,
        { food: is!.food, method: is!.method, on: is!.on, vessels: is!.vessels },
      ],
    }
  const pin = { food: was.food, method: was.method, on: was.on, vessels: was.vessels }
  return {
    ...plan,
    pins: [...plan.pins.filter(p => !(p.food === pin.food && p.on === pin.on)), pin],
  }
}
