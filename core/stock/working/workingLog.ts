import { effectiveEntries } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { AnyRecord, CultureRecord, MaterialRecord } from '../../records/records'
import type { Instant } from '../../time/localDate'
import { cultureStates, type CultureState } from '../cultures'
import { materialAmounts } from '../materialStock'
import { NOTHING_SETTLED, type Settled } from '../settled'
import { lastBefore } from './lastBefore'
import { stillHolds } from './stillHolds'
import { whatIsOver } from './whatIsOver'

/** The part of a room's records and log that its state still hangs on, and figures of the rest, which is settled. */
export interface WorkingLog {
  records: readonly AnyRecord[]
  /** In the order of the log that was given. */
  entries: readonly Entry[]
  settled: Settled
  /** Cultures, stores, boxes and broods that are left out. */
  over: readonly string[]
  /** Cultures of which only start and end are left, as ancestors of what runs. */
  quiet: readonly string[]
}

function sumBy<T>(items: readonly T[], keyOf: (x: T) => string | null, of: (x: T) => number) {
  const sums: Record<string, number> = {}
  for (const x of items) {
    const key = keyOf(x)
    if (key !== null) sums[key] = (sums[key] ?? 0) + of(x)
  }
  return sums
}

/** When the first hatch out of each lot was started. */
function firstBy(hatches: readonly CultureState[]): Record<string, Instant> {
  const first: Record<string, Instant> = {}
  for (const { hatch, startedAt } of hatches) {
    const { lotId } = hatch!
    const known = first[lotId]
    if (known === undefined || startedAt < known) first[lotId] = startedAt
  }
  return first
}

/** What hatches leave behind when they are left out. */
function ofHatches(
  gone: readonly CultureState[],
  standing: readonly Entry[],
  before: Instant,
): Pick<Settled, 'cystsG' | 'boxG' | 'hatches' | 'uncleaned' | 'openedAt'> {
  const hatches = gone.filter(c => c.hatch !== null)
  const weighed = lastBefore(standing, 'lot.weighed', d => d.lotId, before)
  const boxed = lastBefore(standing, 'lot.boxed', d => d.lotId, before)
  const cleaned = lastBefore(standing, 'vessel.cleaned', d => d.vesselId, before)
  const uncleaned = ({ record: { vesselId }, ended }: CultureState) =>
    vesselId !== null && ended!.at > (cleaned.get(vesselId) ?? '') ? vesselId : null
  const lotSince = (last: ReadonlyMap<string, Instant>) => (c: CultureState) => {
    const { lotId } = c.hatch!
    return c.startedAt > (last.get(lotId) ?? '') ? lotId : null
  }
  return {
    cystsG: sumBy(hatches, lotSince(weighed), c => c.hatch!.cystsG),
    boxG: sumBy(hatches, lotSince(boxed), c => c.hatch!.cystsG),
    openedAt: firstBy(hatches),
    hatches: sumBy(
      hatches,
      c => c.record.vesselId,
      () => 1,
    ),
    uncleaned: sumBy(hatches, uncleaned, () => 1),
  }
}

/**
 * Leaves out of a room what its state does not hang on any more. The law: state, round and readings made of what is left,
 * with the figures of what is settled, are those made of all of it, at any instant from `before` on.
 * @param before only what lies before this instant, and has ended before it, is left out
 */
export function workingLog(
  records: readonly AnyRecord[],
  log: readonly Entry[],
  before: Instant,
): WorkingLog {
  const standing = effectiveEntries(log)
  const states = cultureStates(
    records.filter((r): r is CultureRecord => r.type === 'culture' && r.removedAt === null),
    standing,
  )
  const over = whatIsOver(records, states, standing, before)
  const holds = stillHolds(records, standing, states, over, before)
  const stands = new Set(standing)
  const entries: Entry[] = []
  let firstAt: Instant | null = null
  for (const e of log) {
    if (e.at >= before || (stands.has(e) && holds(e))) entries.push(e)
    else if (firstAt === null || e.at < firstAt) firstAt = e.at
  }
  const gone = states.filter(c => over.cultures.has(c.id))
  return {
    records: records.filter(r => !over.cultures.has(r.id) && !over.broods.has(r.id)),
    entries,
    over: [...over.cultures, ...over.stores, ...over.boxes, ...over.broods],
    quiet: [...over.quiet],
    settled: {
      before,
      entries: log.length - entries.length,
      firstAt,
      emptied: [...over.boxes],
      materials: Object.fromEntries(
        materialAmounts(
          records.filter((r): r is MaterialRecord => r.type === 'material'),
          states.map(c => c.record),
          standing.filter(e => e.at < before),
          NOTHING_SETTLED,
        ),
      ),
      ...ofHatches(gone, standing, before),
    },
  }
}
