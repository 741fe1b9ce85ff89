import type { Entry } from '../records/entries'
import type { CultureRecord, Place } from '../records/records'
import type { Learned } from '../stock/learned'
import { readGreen } from './greenReading'
import { cultureObservations } from './learning/cultureSubject'
import { asFactor, readingKey } from './learning/readings'
import type { Observation } from './observation'

/** Observations of a culture, with green readings set right by what the room has learned. */
export const observationsOf = (
  c: CultureRecord,
  entries: readonly Entry[],
  learned: Pick<Learned, 'readings'>,
  places: readonly Place[] = [],
): Observation[] =>
  cultureObservations(c, entries, places, ({ data: { foodId, reading } }) => {
    const r = readGreen(foodId, reading, asFactor(learned.readings[readingKey(foodId, reading.by)]))
    return r.ok ? { perMl: r.perMl, logSd: Math.log(r.high / r.low) / (2 * 1.96) } : null
  })
