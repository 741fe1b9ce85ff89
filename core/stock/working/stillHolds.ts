import { ofKind } from '../../records/effectiveEntries'
import type { Entry, EntryKind, EntryOf } from '../../records/entries'
import type { AnyRecord, Brood } from '../../records/records'
import { addDays, type Instant } from '../../time/localDate'
import { cultureIdOf, type CultureState } from '../cultures'
import { lastBefore } from './lastBefore'
import type { Over } from './whatIsOver'

/** An egg that rests through a dry season was laid so long before its brood was written down. */
const RESTS_D = 365

const earliest = (instants: readonly string[], border: string) =>
  instants.reduce((first, at) => (at < first ? at : first), border)

/** Whether an old entry still counts for a room: by its kind. Kinds that are not named here always do. */
export function stillHolds(
  records: readonly AnyRecord[],
  standing: readonly Entry[],
  states: readonly CultureState[],
  over: Over,
  before: Instant,
): (e: Entry) => boolean {
  const broods = records.filter((r): r is Brood => r.type === 'brood' && !over.broods.has(r.id))
  const lives = states.filter(c => !over.cultures.has(c.id) && !over.quiet.has(c.id))
  const sinceCultures = earliest(
    lives.map(c => earliest([c.startedAt], c.record.startedAt)),
    before,
  )
  const sinceBroods = earliest(
    broods.map(b => addDays(earliest([b.anchor.on], b.countedOn), -RESTS_D)),
    before,
  )
  const air = lastBefore(standing, 'place.temperature', d => d.placeId, sinceCultures)
  const water = lastBefore(standing, 'tank.temperature', d => d.tankId, sinceBroods)
  const airCourse = lastBefore(standing, 'place.course', d => d.placeId, sinceCultures)
  const waterCourse = lastBefore(standing, 'tank.course', d => d.tankId, sinceBroods)
  const fed = lastBefore(standing, 'tank.fed', d => d.tankId, before)
  const weighed = lastBefore(standing, 'lot.weighed', d => d.lotId, before)
  const boxed = lastBefore(standing, 'lot.boxed', d => d.lotId, before)
  const cleaned = lastBefore(standing, 'vessel.cleaned', d => d.vesselId, before)
  const filled = new Set(ofKind(standing, 'store.filled').map(e => e.data.storeId))
  const boxes = new Set(ofKind(standing, 'gel.cooked').map(e => e.data.batchId))
  const isOver = (storeId: string) => over.stores.has(storeId) || over.boxes.has(storeId)
  const stands = (storeId: string) =>
    (filled.has(storeId) || boxes.has(storeId)) && !isOver(storeId)
  const plan = ofKind(standing, 'plan.kept').at(-1)?.data
  const planned = new Set(plan?.starts.map(s => s.id))
  const since = (at: Instant, last: Instant | undefined) => at >= (last ?? '')
  const never = () => false
  const storeStands = (e: EntryOf<'store.filled' | 'store.counted' | 'store.portioned'>) =>
    !isOver(e.data.storeId)
  const broodLives = (e: { data: { broodId: string | null } }) =>
    e.data.broodId !== null && !over.broods.has(e.data.broodId)
  const clockRuns = (e: { data: { clockId: string } }) => !over.clocks.has(e.data.clockId)

  const rules: { readonly [K in EntryKind]?: (e: EntryOf<K>) => boolean } = {
    // Of their day alone.
    'stop.answered': never,
    'sheet.ticked': never,
    // What they teach is learned from the whole log.
    'learning.reset': never,
    'lot.measured': never,
    'tool.measured': never,
    // Until the next of the same kind.
    'place.temperature': e => since(e.at, air.get(e.data.placeId)),
    'tank.temperature': e => since(e.at, water.get(e.data.tankId)),
    'place.course': e => since(e.at, airCourse.get(e.data.placeId)),
    'tank.course': e => since(e.at, waterCourse.get(e.data.tankId)),
    'lot.weighed': e => since(e.at, weighed.get(e.data.lotId)),
    'lot.boxed': e => since(e.at, boxed.get(e.data.lotId)),
    'vessel.cleaned': e => since(e.at, cleaned.get(e.data.vesselId)),
    'tank.fed': e =>
      since(e.at, fed.get(e.data.tankId)) ||
      e.data.portions.some(p => p.source?.kind === 'store' && stands(p.source.id)),
    // For as long as what they speak of.
    'store.filled': storeStands,
    'store.counted': storeStands,
    'store.portioned': storeStands,
    'store.discarded': e => !isOver(e.data.storeId),
    'clock.started': clockRuns,
    'clock.seen': clockRuns,
    'tank.task': broodLives,
    'brood.awaited': broodLives,
    'brood.bellies': broodLives,
    'brood.counted': broodLives,
    'brood.event': broodLives,
    'brood.measured': broodLives,
    'brood.ended': broodLives,
    'weaning.started': broodLives,
    'weaning.decided': broodLives,
    // A brood that was split off hangs on it.
    'brood.left': e =>
      broodLives(e) || (e.data.toBroodId !== null && !over.broods.has(e.data.toBroodId)),
    'plan.kept': e => e.data === plan || e.data.starts.some(s => planned.has(s.id)),
    'note': e => e.subject.type !== 'room' && !over.cultures.has(e.subject.id),
    // An ancestor is remembered by where it came from and how it ended.
    'culture.looked': ofLoud,
    'culture.did': ofLoud,
    'culture.temperature': ofLoud,
    'culture.course': ofLoud,
    'culture.tested': ofLoud,
    'culture.gravity': ofLoud,
    'culture.refused': ofLoud,
    'sample.counted': ofLoud,
    'water.read': ofLoud,
    'culture.harvested': e =>
      ofLoud(e) || (e.data.finished && !over.cultures.has(e.data.cultureId)),
  }
  function ofLoud(e: Entry): boolean {
    const id = cultureIdOf(e)
    return id === undefined || !(over.quiet.has(id) || over.cultures.has(id))
  }
  return e => {
    const rule = rules[e.kind] as ((e: Entry) => boolean) | undefined
    if (rule) return rule(e)
    const id = cultureIdOf(e)
    return id === undefined || !over.cultures.has(id)
  }
}
