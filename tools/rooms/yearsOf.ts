import type { Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import type { AnyRecord } from '@renatus/core/records/records'
import { addDays } from '@renatus/core/time/localDate'

const DAY_MS = 86_400_000
const WEEKS_8 = 56

interface Weeks {
  records: readonly AnyRecord[]
  entries: readonly Entry[]
}

/** What comes and goes in a room: in other weeks it is another one. */
function passing({ records, entries }: Weeks): Set<string> {
  const ids = new Set(
    records.filter(r => r.type === 'culture' || r.type === 'brood').map(r => r.id),
  )
  for (const e of entries) {
    if (e.kind === 'store.filled') ids.add(e.data.storeId)
    if (e.kind === 'clock.started') ids.add(e.data.clockId)
    if (e.kind === 'gel.cooked') ids.add(e.data.batchId)
  }
  return ids
}

/** The same so many times eight weeks earlier, of other vessels, broods and stores. */
function earlier<T>(value: T, k: number, ids: ReadonlySet<string>): T {
  const text = JSON.stringify(value)
    .replace(/"([0-9A-Z]{23})([0-9A-Z]{3})"/g, (whole, head: string, tail: string) =>
      ids.has(head + tail) ? `"${head}${String(k).padStart(3, '0')}"` : whole,
    )
    .replace(/"(\d{4}-\d\d-\d\d)(T[^"]*)?"/g, (_, date: string, time: string | undefined) =>
      time
        ? `"${new Date(Date.parse(date + time) - k * WEEKS_8 * DAY_MS).toISOString()}"`
        : `"${addDays(date, -k * WEEKS_8)}"`,
    )
  return JSON.parse(text) as T
}

const batchOf = (e: Entry) => (e.kind === 'gel.cooked' ? e.data.batchId : null)

/** Ends of what the eight weeks left standing. */
function ends({ records, entries }: Weeks): Entry[] {
  const like = entries[0]!
  const at = entries.reduce((last, e) => (e.at > last ? e.at : last), '')
  const on = at.slice(0, 10)
  const end = (kind: Entry['kind'], type: string, id: string, data: object) =>
    ({ ...like, at, kind, subject: { type, id }, data }) as Entry
  return [
    ...records.flatMap(r => {
      if (r.type === 'culture')
        return [end('culture.ended', 'culture', r.id, { cultureId: r.id, how: 'used up' })]
      if (r.type !== 'brood') return []
      return [end('brood.ended', 'brood', r.id, { broodId: r.id, on, reason: 'ended' })]
    }),
    ...entries.flatMap(e => {
      const storeId = e.kind === 'store.filled' ? e.data.storeId : batchOf(e)
      const all = { storeId, name: 'store', amount: null, reason: '' }
      return storeId === null ? [] : [end('store.discarded', 'store', storeId, all)]
    }),
  ]
}

/**
 * Years of a room: its eight weeks, and the same weeks again and again before them, of vessels, broods and stores that have ended.
 * @param wanted entries in all
 */
export function yearsOf(room: Weeks, wanted: number): { records: AnyRecord[]; entries: Entry[] } {
  const ids = passing(room)
  const alike = room.entries.filter(e => e.kind !== 'undone' && e.kind !== 'plan.kept')
  const lived = [...alike, ...ends(room)]
  const entries: Entry[] = [...room.entries]
  const records: AnyRecord[] = [...room.records]
  for (let k = 1; entries.length < wanted; k++) {
    for (const e of lived) {
      const { at, data, subject } = earlier({ at: e.at, data: e.data, subject: e.subject }, k, ids)
      const n = entries.length
      const chance = Uint8Array.from({ length: 10 }, (_, j) => (j * 31 + k + n) % 256)
      const id = makeId(Date.parse(at) + (n % 1000), chance)
      const own = { id, act: id, at, data, subject, answers: null, supersedes: null }
      entries.push({ ...e, ...own } as Entry)
    }
    for (const r of room.records) if (ids.has(r.id)) records.push(earlier(r, k, ids))
  }
  const byId = <T extends { id: string }>(a: T, b: T) => (a.id < b.id ? -1 : 1)
  return { records: records.sort(byId), entries: entries.sort(byId) }
}
