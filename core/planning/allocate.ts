import { energyLeft } from '../dynamics/hatch/energyLoss'
import { HATCH } from '../dynamics/hatch/parameters'
import { hoursBetween, toMs, type Instant } from '../time/localDate'

/** Nauplii that come to hand at an instant and keep for a while in the fridge. */
export interface Batch {
  id: string
  at: Instant
  /** Full-yolk nauplii at that instant: number x energy. */
  useful: number
  /** Chilled hold, h; Infinity for frozen ones, which keep what they have. */
  holdH: number
}

export interface Want {
  key: string
  at: Instant
  useful: number
}

/** Share of a batch's worth that is left after some hours. */
export function keeps(batch: Pick<Batch, 'holdH'>, hours: number): number {
  if (hours > batch.holdH + 1e-6) return 0
  return batch.holdH === Infinity ? 1 : energyLeft(HATCH.fridgeC, hours)
}

/**
 * Gives batches to wants in order of time, what spoils first before what keeps.
 * @returns what each want still lacks (full-yolk nauplii), by key
 */
export function allocate(wants: readonly Want[], batches: readonly Batch[]): Map<string, number> {
  const left = new Map(batches.map(b => [b.id, b.useful]))
  const end = (b: Batch) => toMs(b.at) + b.holdH * 3_600_000
  const order = [...batches].sort((a, b) => end(a) - end(b))
  const lacking = new Map<string, number>()
  for (const want of [...wants].sort((a, b) => toMs(a.at) - toMs(b.at))) {
    let need = want.useful
    for (const batch of order) {
      const hours = hoursBetween(batch.at, want.at)
      if (need <= 0 || hours < -1e-6) continue
      const worth = keeps(batch, hours)
      if (worth <= 0) continue
      const take = Math.min(need, left.get(batch.id)! * worth)
      left.set(batch.id, left.get(batch.id)! - take / worth)
      need -= take
    }
    lacking.set(want.key, Math.max(0, need))
  }
  return lacking
}
