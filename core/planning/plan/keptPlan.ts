import { compare } from '../../math/compare'
import { ofKind } from '../../records/effectiveEntries'
import type { Entry, EntryData } from '../../records/entries'
import type { CultureState } from '../../stock/cultures'
import { addDays, hoursBetween, type Instant, type LocalDate } from '../../time/localDate'
import type { PlannedStart } from './explainStart'

export type KeptPlan = EntryData<'plan.kept'>
export type KeptStart = KeptPlan['starts'][number]

/** A start of the kept plan, with the vessels that were started for it since. */
export interface StartState extends KeptStart {
  started: number
  left: number
  /** How often its line was changed since it was first kept. */ changed: number
}

/** The plan that was kept last, and when. */
export function keptPlan(entries: readonly Entry[]): { at: Instant; plan: KeptPlan } | null {
  const last = ofKind(entries, 'plan.kept').at(-1)
  return last ? { at: last.at, plan: last.data } : null
}

/** Days before its day from which on a new vessel of the food counts for a start. */
const EARLY_D = 5

/**
 * A vessel that is written down as started so long before the plan was kept still counts, if the plan
 * did not know of it: somebody wrote it down late, or a clock was set back.
 */
const LEEWAY_H = 24

/** Whether a vessel may be one of those that a start asked for when it was first kept. */
function isForStart(
  c: CultureState,
  start: KeptStart,
  first: { at: Instant; known: KeptPlan['facts']['cultures'] },
): boolean {
  const { startedAt } = c.record
  if (startedAt.slice(0, 10) < addDays(start.on, -EARLY_D)) return false
  const before = hoursBetween(startedAt, first.at)
  if (before <= 0) return true
  return before <= LEEWAY_H && !first.known.some(k => k.id === c.id)
}

/** Starts of the kept plan and what has become of them: vessels of the food that were started since it was first kept count, the earliest start first. */
export function startStates(
  entries: readonly Entry[],
  cultures: readonly CultureState[],
): StartState[] {
  const all = ofKind(entries, 'plan.kept')
  const plan = all.at(-1)?.data
  if (!plan) return []
  const free = new Map<string, CultureState[]>()
  return [...plan.starts]
    .sort((a, b) => compare(a.on, b.on))
    .map((s): StartState => {
      const versions = all.flatMap(e =>
        e.data.starts.find(x => x.id === s.id)
          ? [
              {
                at: e.at,
                known: e.data.facts.cultures,
                start: e.data.starts.find(x => x.id === s.id)!,
              },
            ]
          : [],
      )
      const first = versions[0]!
      const pool =
        free.get(s.food) ??
        cultures
          .filter(c => c.record.foodId === s.food)
          .sort((a, b) => (a.record.startedAt < b.record.startedAt ? -1 : 1))
      const mine = pool.filter(c => isForStart(c, s, first)).slice(0, s.vessels)
      free.set(
        s.food,
        pool.filter(c => !mine.includes(c)),
      )
      const changed = versions.filter(
        (v, i) => i > 0 && JSON.stringify(v.start) !== JSON.stringify(versions[i - 1]!.start),
      ).length
      return { ...s, started: mine.length, left: s.vessels - mine.length, changed }
    })
}

/** Starts that are still to be made, as the next plan should keep them: what is late is made today. */
export const startsLeft = (states: readonly StartState[], today: LocalDate): StartState[] =>
  states
    .filter(s => s.left > 0)
    .map(s => ({ ...s, vessels: s.left, on: s.on < today ? today : s.on }))

/** Starts that were kept once and are in no plan any more: a calendar has to be told. */
export function droppedStarts(entries: readonly Entry[]): KeptStart[] {
  const all = ofKind(entries, 'plan.kept')
  const now = new Set(all.at(-1)?.data.starts.map(s => s.id))
  const gone = new Map<string, KeptStart>()
  for (const e of all) for (const s of e.data.starts) if (!now.has(s.id)) gone.set(s.id, s)
  return [...gone.values()]
}

/** A planned start as it is kept, under a name that stays its own when it is moved. */
export function asKept(s: PlannedStart, taken: ReadonlySet<string>): KeptStart {
  const base = `${s.food}-${s.on}`
  let id = base
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`
  return {
    id,
    food: s.food,
    method: s.method,
    on: s.on,
    vessels: s.vessels,
    placeId: s.placeId,
    litres: s.litres,
    orderBy: s.orderBy,
    forBrood: s.forBrood,
    neededOn: s.neededOn,
    failure: s.chances.failure,
    readyDays: s.chances.readyDays,
    readyLogSd: s.chances.readyLogSd,
    why: s.why.rule,
  }
}
