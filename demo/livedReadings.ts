import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import { readCulture, type CultureReading } from '@renatus/core/estimation/readCulture'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord, Place } from '@renatus/core/records/records'
import { roundState } from '@renatus/core/round/round'
import { running } from '@renatus/core/stock/cultures'
import type { Learned } from '@renatus/core/stock/learned'
import type { Instant } from '@renatus/core/time/localDate'

/** What was believed at a round of all that grew: as a device that was opened then keeps it. */
export interface RoundReadings {
  at: Instant
  readings: CultureReading[]
}

/** Reads everything that grows in a room as the app does. @param at of the round */
export function livedReadings(
  { records, entries }: { records: readonly AnyRecord[]; entries: readonly Entry[] },
  learned: Learned,
  at: Instant,
): RoundReadings {
  const of = entriesByCulture(effectiveEntries(entries))
  const places = records.filter((r): r is Place => r.type === 'place')
  const grows = running(roundState(records, entries, at, learned)?.cultureStates ?? [])
  const readings = grows.flatMap(
    c => readCulture(c.record, of(c.id), learned, at, undefined, { places })?.reading ?? [],
  )
  return { at, readings }
}
