import { ofKind } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { AnyRecord } from '../../records/records'
import type { Instant } from '../../time/localDate'
import type { CultureState } from '../cultures'
import { gelBoxes, holdsGel } from '../gelBoxes'
import { storeMoves, storesNow } from '../stores'
import { lastBefore } from './lastBefore'

/** Things whose time is over: nothing that is done or shown today hangs on them. */
export interface Over {
  cultures: ReadonlySet<string>
  /** Ended, and still the ancestor of what runs: where it came from and how it ended stays. */
  quiet: ReadonlySet<string>
  stores: ReadonlySet<string>
  /** Boxes of gel that are empty: what was cooked stays, what was taken goes. */
  boxes: ReadonlySet<string>
  broods: ReadonlySet<string>
  clocks: ReadonlySet<string>
}

const endedBefore = (c: CultureState, before: Instant) =>
  c.ended !== null && c.ended.at < before && c.startedAt < before && c.record.startedAt < before

/** Everything that shares an ancestor with some of the cultures. */
function linesOf(states: readonly CultureState[], some: readonly CultureState[]): Set<string> {
  const near = new Map<string, string[]>()
  const join = (a: string, b: string) => {
    const list = near.get(a)
    if (list) list.push(b)
    else near.set(a, [b])
  }
  for (const c of states) {
    for (const p of c.parentIds) {
      join(c.id, p)
      join(p, c.id)
    }
  }
  const found = new Set(some.map(c => c.id))
  // A set that grows while it is walked is walked to its end.
  for (const id of found) for (const other of near.get(id) ?? []) found.add(other)
  return found
}

/** The culture of each food that was started last: the next one is started like it. */
function lastOfFoods(states: readonly CultureState[]): CultureState[] {
  const last = new Map<string, CultureState>()
  for (const c of states) {
    const known = last.get(c.record.foodId)
    if (!known || c.record.startedAt >= known.record.startedAt) last.set(c.record.foodId, c)
  }
  return [...last.values()]
}

/** Vessels and broods of trials that nobody has ended: what was seen of them is still asked for. */
function onTrial(records: readonly AnyRecord[], standing: readonly Entry[]): Set<string> {
  const ended = new Set(ofKind(standing, 'trial.ended').map(e => e.data.trialId))
  return new Set(
    records
      .filter(r => r.type === 'trial')
      .filter(t => t.removedAt === null && !ended.has(t.id))
      .flatMap(t => t.members.flatMap(m => m.of?.id ?? [])),
  )
}

function culturesOver(
  states: readonly CultureState[],
  tried: ReadonlySet<string>,
  before: Instant,
): Pick<Over, 'cultures' | 'quiet'> {
  const open = states.filter(c => !endedBefore(c, before) || tried.has(c.id))
  const like = lastOfFoods(states)
  const lines = linesOf(states, [...open, ...like])
  const loud = new Set([...open, ...like].map(c => c.id))
  return {
    cultures: new Set(states.filter(c => !lines.has(c.id)).map(c => c.id)),
    quiet: new Set(states.filter(c => lines.has(c.id) && !loud.has(c.id)).map(c => c.id)),
  }
}

/** Stores and boxes that were emptied before the border. */
function storesOver(standing: readonly Entry[], before: Instant): Pick<Over, 'stores' | 'boxes'> {
  const moves = storeMoves(standing)
  const open = new Set(storesNow(standing, before, moves).map(s => s.id))
  const rests = (id: string) => (moves.get(id)?.at(-1)?.at ?? before) < before
  const filled = ofKind(standing, 'store.filled').map(e => e.data.storeId)
  const boxes = gelBoxes(standing, [], moves).filter(b => !holdsGel(b))
  return {
    stores: new Set(filled.filter(id => !open.has(id) && rests(id))),
    boxes: new Set(boxes.map(b => b.id).filter(rests)),
  }
}

/** Clocks that were seen, and those whose subject the round asks for anyway. */
function clocksOver(standing: readonly Entry[], before: Instant): Set<string> {
  const seen = ofKind(standing, 'clock.seen').filter(e => e.at < before)
  const taken = ofKind(standing, 'clock.started').filter(
    ({ data }) => data.endsAt < before && ['culture', 'store'].includes(data.about.type),
  )
  return new Set([...seen, ...taken].map(e => e.data.clockId))
}

/** What is over of a room before an instant, by its records and the log as it stands. */
export function whatIsOver(
  records: readonly AnyRecord[],
  states: readonly CultureState[],
  standing: readonly Entry[],
  before: Instant,
): Over {
  const tried = onTrial(records, standing)
  const broods = [...lastBefore(standing, 'brood.ended', d => d.broodId, before).keys()]
  return {
    ...culturesOver(states, tried, before),
    ...storesOver(standing, before),
    broods: new Set(broods.filter(id => !tried.has(id))),
    clocks: clocksOver(standing, before),
  }
}
