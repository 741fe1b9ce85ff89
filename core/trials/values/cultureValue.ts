import { estimate } from '../../estimation/estimate'
import type { Band } from '../../estimation/cloud'
import { cultureSubject, methodOf } from '../../estimation/learning/cultureSubject'
import { observationsOf } from '../../estimation/observationsOf'
import type { Observation } from '../../estimation/observation'
import type { Subject } from '../../estimation/subject'
import { startTakes } from '../../foods/takes'
import { materialOf } from '../../foods/materials'
import type { CultureRecord, TrialRecord } from '../../records/records'
import type { MaterialId, TrialAsk } from '../../records/vocabulary'
import { hoursBetween } from '../../time/localDate'
import type { Valued } from '../arms'
import { ownValue } from '../ownValue'
import type { TrialRoom } from '../member'

const H_A_DAY = 24

/** The recipe of a vessel of a trial. */
function takesOf(record: CultureRecord) {
  const known = methodOf(record)
  return Object.entries(known ? startTakes(known.method, record.litres) : {}) as [
    MaterialId,
    number,
  ][]
}
/** What went in by weight, g. */
const gramsIn = (record: CultureRecord): number =>
  takesOf(record).reduce((g, [of, amount]) => g + (materialOf(of).unit === 'g' ? amount : 0), 0)
/** What went in by price; 0 where nobody has priced it. */
function costIn(record: CultureRecord, room: TrialRoom): number {
  const priceOf = (of: MaterialId) =>
    room.materials.find(m => m.record.of === of && m.pricePerUnit !== null)?.pricePerUnit ?? 0
  return takesOf(record).reduce((sum, [of, amount]) => sum + amount * priceOf(of), 0)
}

const scaled = (b: Band, by: number): Band => ({
  p10: b.p10 * by,
  p50: b.p50 * by,
  p90: b.p90 * by,
})

/** By what the organisms of a vessel are divided; null where it cannot be. */
function dividedBy(asks: TrialAsk, record: CultureRecord, room: TrialRoom): number | null {
  if (asks === 'per-gram') return gramsIn(record) || null
  return asks === 'per-cost' ? costIn(record, room) || null : 1
}

function bandAt(
  trial: TrialRecord,
  subject: Subject,
  observations: readonly Observation[],
  atH: number,
): Band | null {
  const { estimate: e } = estimate(subject, observations, atH, undefined, false)
  if (trial.asks === 'ready-day') return e.readyH && scaled(e.readyH, 1 / H_A_DAY)
  return trial.asks === 'density' ? e.density : e.organisms
}

/** What a culture says of what is asked: by the estimation, so that unlike days of looking do not matter. */
export function cultureValue(trial: TrialRecord, id: string, room: TrialRoom): Valued | null {
  const record = room.cultures.find(c => c.id === id)
  // By the book: what the room has learned it learned of these very vessels too.
  const subject = record && cultureSubject(record)
  if (!record || !subject) return null
  const by = dividedBy(trial.asks, record, room)
  if (by === null) return null
  const sinceH = Math.max(0, hoursBetween(record.startedAt, room.now))
  const wantedH = (trial.onDay ?? Infinity) * H_A_DAY
  const entries = room.entries.filter(e => e.subject.id === id || e.subject.type === 'place')
  const all = observationsOf(record, entries, room.learned, room.places as never)
  // What warmed it is known either way; what was seen of it is its own.
  const without = all.filter(o => o.kind === 'temperature' || o.kind === 'action')
  const atH = Math.min(sinceH, wantedH)
  const bandOf = (seen: readonly Observation[]): Band | null => {
    const band = bandAt(trial, subject, seen, atH)
    return band && scaled(band, 1 / by)
  }
  return ownValue(bandOf(all), bandOf(without))
}
