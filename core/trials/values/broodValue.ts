import { ofKind } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { TrialRecord } from '../../records/records'
import { daysBetween } from '../../time/localDate'
import type { Hits, Valued } from '../arms'

const meanOf = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0) / xs.length
/** Scatter of lengths in a brood where one fish alone was measured (working estimate). */
const LENGTH_CV = 0.08
function errorOf(lengths: readonly number[]): number {
  const mean = meanOf(lengths)
  const squares = lengths.reduce((sum, l) => sum + (l - mean) ** 2, 0)
  const sd = lengths.length > 2 ? Math.sqrt(squares / (lengths.length - 1)) : mean * LENGTH_CV
  return sd / Math.sqrt(lengths.length)
}

function growthOf(id: string, since: string, entries: readonly Entry[]): Valued | null {
  const all = ofKind(entries, 'brood.measured').filter(e => e.data.broodId === id)
  const before = all.filter(e => e.data.on <= since)
  const first = before.at(-1) ?? all[0]
  const last = all.at(-1)
  if (!first || !last || first.data.on >= last.data.on) return null
  const days = daysBetween(first.data.on, last.data.on)
  const grown = meanOf(last.data.lengthsMm) - meanOf(first.data.lengthsMm)
  if (grown <= 0) return null
  const error = Math.hypot(errorOf(first.data.lengthsMm), errorOf(last.data.lengthsMm))
  return { value: grown / days, logSd: error / grown }
}

function survivalOf(id: string, since: string, entries: readonly Entry[]): Hits | null {
  const counts = ofKind(entries, 'brood.counted').filter(e => e.data.broodId === id)
  const first = counts.findLast(e => e.data.on <= since) ?? counts[0]
  const last = counts.at(-1)
  if (!first || !last || first.id === last.id || first.data.fry === 0) return null
  return { hit: Math.min(first.data.fry, last.data.fry), of: first.data.fry }
}

/** A brood on a diet: how it grew, or who lived, between what was measured at the start of the trial and last. */
export function broodValue(
  trial: TrialRecord,
  id: string,
  entries: readonly Entry[],
): Hits | Valued | null {
  const since = trial.startedAt.slice(0, 10)
  return trial.asks === 'growth' ? growthOf(id, since, entries) : survivalOf(id, since, entries)
}
