import { SIGNS } from '../../dynamics/contract'
import { ofKind } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { ObserverLearned } from '../../stock/learned'
import { MOOD_SD, SIGN_SD, type LeanBelief } from '../observer'
import { evidenceOf, pool } from './pool'

/** What is believed of anybody who looks, grades. */
const ANYBODY = { mean: 0, sd: Math.hypot(MOOD_SD, SIGN_SD) }
/** How far the same eye differs from vessel to vessel, grades (working estimate). */
const WITHIN = 0.3

/** The device from which a vessel was looked at most; null where nobody looked. */
export function observerOf(entries: readonly Entry[]): string | null {
  const looks = new Map<string, number>()
  for (const e of ofKind(entries, 'culture.looked')) looks.set(e.by, (looks.get(e.by) ?? 0) + 1)
  const most = [...looks].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0]
  return most?.[0] ?? null
}

/**
 * What vessels taught of who looked at them, by partial pooling towards nobody in particular.
 * @param read the lean that each vessel by itself came to
 */
export function learnObserver(read: readonly LeanBelief[]): ObserverLearned | null {
  const lean: Partial<Record<(typeof SIGNS)[number], { mean: number; sd: number }>> = {}
  let from = 0
  for (const sign of SIGNS) {
    const evidence = read.flatMap(b => (b[sign] ? (evidenceOf(ANYBODY, b[sign]) ?? []) : []))
    if (evidence.length === 0) continue
    const { mean, sd } = pool({ ...ANYBODY, within: WITHIN }, evidence)
    lean[sign] = { mean, sd: Math.hypot(sd, SIGN_SD) }
    from = Math.max(from, evidence.length)
  }
  return from === 0 ? null : { lean, from }
}
