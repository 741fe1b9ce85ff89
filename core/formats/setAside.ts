import { speciesOf } from '../fry/species/speciesOf'
import type { Entry } from '../records/entries'
import type { AnyRecord } from '../records/records'
import { addHours, type Instant } from '../time/localDate'

/** Something that reads well and cannot be true; it is named and not taken in. */
export interface Aside {
  id: string
  /** Type of the record, or kind of the entry. */
  what: AnyRecord['type'] | Entry['kind']
  name: string
  why: 'ahead' | 'no-tank' | 'no-subject'
}

interface Room {
  records: AnyRecord[]
  entries: Entry[]
}

/** Nothing was started, seen or awaited further ahead than this, days: clocks run wrong, but not by years. */
export const AHEAD_D = 400

/** Types of records that entries are about. What else stands as a subject has no record. */
const SUBJECTS: ReadonlySet<string> = new Set<AnyRecord['type']>([
  'brood',
  'culture',
  'gel-mix',
  'lot',
  'material',
  'place',
  'tank',
  'tool',
  'vessel',
])
/** An id this app made; a subject may also be named in words. */
const MADE = /^[0-9A-Z]{26}$/

/** The date of a record that must not lie years ahead. */
function dateOf(r: AnyRecord): string | null {
  if (r.type === 'culture') return r.startedAt
  if (r.type === 'brood') return r.anchor.on
  if (r.type === 'lot') return r.openedOn
  return null
}

function whyRecord(r: AnyRecord, latest: string, room: Room): Aside['why'] | null {
  const date = dateOf(r)
  if (date !== null && date > latest) return 'ahead'
  if (r.type !== 'brood') return null
  return room.records.some(t => t.type === 'tank' && t.id === r.tankId) ? null : 'no-tank'
}

/** Names of broods whose fish nobody here knows: a newer build may know it. They stand, feed nobody and ask for their fish. */
export function ofUnknownFish(records: readonly AnyRecord[]): string[] {
  const own = records.filter(s => s.type === 'species')
  const broods = records.filter(r => r.type === 'brood' && r.removedAt === null)
  return broods.filter(b => b.type === 'brood' && !speciesOf(b.speciesId, own)).map(b => b.name)
}

/** Ids of records that an entry is about. */
function aboutIds(e: Entry): string[] {
  const { broodId, cultureId, tankId } = e.data as Record<string, unknown>
  const named = [broodId, cultureId, tankId].filter(id => typeof id === 'string')
  return SUBJECTS.has(e.subject.type) ? [...named, e.subject.id] : named
}

/**
 * Sorts out what parses and cannot be: dates years ahead, a brood in no tank, an entry about something that is not in the
 * room.
 * @param now the latest that a clock may say; what lies more than AHEAD_D after it is nonsense
 */
export function setAside(room: Room, now: Instant): Room & { aside: Aside[] } {
  const latest = addHours(now, 24 * AHEAD_D)
  const aside: Aside[] = []
  const records = room.records.filter(r => {
    const why = whyRecord(r, latest, room)
    if (why !== null) aside.push({ id: r.id, what: r.type, name: r.name, why })
    return why === null
  })
  const known = new Set(records.map(r => r.id))
  const entries = room.entries.filter(e => {
    const lost = aboutIds(e).some(id => MADE.test(id) && !known.has(id))
    const why = e.at > latest ? 'ahead' : 'no-subject'
    if (e.at <= latest && !lost) return true
    aside.push({ id: e.id, what: e.kind, name: e.subject.type, why })
    return false
  })
  return { records, entries, aside }
}
