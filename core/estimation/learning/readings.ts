import { ofKind } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { LearnedValue } from '../../stock/learned'
import { hoursBetween } from '../../time/localDate'
import { READING_LOG_SD, READING_NOISE, readGreen } from '../greenReading'
import { asValue, pool, type Evidence } from './pool'

/** A count calibrates readings of the same water within so many hours. */
const SAME_WATER_H = 12
const COUNT_LOG_SD = 0.15

export const readingKey = (foodId: string, by: string) => `${foodId} ${by}`

/** Factors on readings of green water, from counts of the same water at about the same time. */
export function learnReadings(entries: readonly Entry[]): Record<string, LearnedValue> {
  const counts = ofKind(entries, 'sample.counted')
  const evidence = new Map<string, Evidence[]>()
  for (const e of ofKind(entries, 'water.read')) {
    const read = readGreen(e.data.foodId, e.data.reading)
    if (!read.ok) continue
    const count = counts
      .filter(
        c =>
          c.data.foodId === e.data.foodId &&
          c.data.of?.id === e.data.of?.id &&
          Math.abs(hoursBetween(e.at, c.at)) <= SAME_WATER_H,
      )
      .sort((a, b) => Math.abs(hoursBetween(e.at, a.at)) - Math.abs(hoursBetween(e.at, b.at)))[0]
    const cells = count?.data.counts.reduce((a, b) => a + b, 0) ?? 0
    if (!count || cells === 0) continue
    const perMl = cells / (count.data.counts.length * count.data.dropMl)
    const key = readingKey(e.data.foodId, e.data.reading.by)
    const sd = Math.hypot(COUNT_LOG_SD, READING_NOISE[e.data.reading.by], 1 / Math.sqrt(cells))
    evidence.set(key, [
      ...(evidence.get(key) ?? []),
      { mean: Math.log(perMl / read.perMl), precision: 1 / sd ** 2 },
    ])
  }
  return Object.fromEntries(
    [...evidence].map(([key, list]) => {
      const by = key.endsWith('secchi') ? 'secchi' : 'colour'
      return [
        key,
        asValue(pool({ mean: 0, sd: READING_LOG_SD[by], within: 0 }, list), list.length, 1),
      ]
    }),
  )
}

/** A learned factor as a middle and what is still open of it. */
export const asFactor = (v: LearnedValue | undefined) =>
  v ? { value: v.value, logSd: Math.log(v.high / v.low) / (2 * 1.2816) } : undefined
