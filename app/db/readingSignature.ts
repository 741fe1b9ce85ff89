import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord, CultureRecord, Place } from '@renatus/core/records/records'
import type { Learned } from '@renatus/core/stock/learned'
import type { Instant } from '@renatus/core/time/localDate'

function hash(text: string): number {
  let h = 0
  for (let i = 0; i < text.length; i++) h = (Math.imul(h, 33) + text.charCodeAt(i)) | 0
  return h
}

export const placesOf = (records: readonly AnyRecord[]): Place[] =>
  records.filter((r): r is Place => r.type === 'place')

/**
 * All that a reading hangs on, so that one that is kept can be believed.
 * @param records of the room, in the order of their ids
 * @param of the effective entries of a culture
 * @returns of a culture
 */
export function readingSignature(
  records: readonly AnyRecord[],
  of: (id: string) => readonly Entry[],
  learned: Learned | null,
  now: Instant,
): (record: CultureRecord) => string {
  const taught = String(hash(JSON.stringify(learned)))
  const where = String(hash(JSON.stringify(placesOf(records))))
  return record => {
    const entries = of(record.id)
    const last = entries.at(-1)?.id ?? ''
    const ids = entries.reduce((h, e) => (Math.imul(h, 31) + hash(e.id)) | 0, 0)
    return [now, record.updatedAt, entries.length, last, ids, taught, where].join(' ')
  }
}
