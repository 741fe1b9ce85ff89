import type { RandomStream } from '@renatus/core/math/random'
import type { Draft } from '@renatus/core/records/draft'
import { entry, type Entry } from '@renatus/core/records/entries'
import { toMs, type Instant } from '@renatus/core/time/localDate'

export type { Draft }

/** Where and when the person of the demo stands. */
export interface Context {
  at: Instant
  chance: RandomStream
  id: (ms: number) => string
  /** Harvests of hatches so far. */
  harvest: number
}

/** The device that the loft writes its log on. */
const DEVICE = 'phone loft'

/** Entries of one act, as the loft's phone writes them. */
export function actOf(
  at: Instant,
  answers: string | null,
  drafts: readonly Draft[],
  id: (ms: number) => string,
): Entry[] {
  const act = id(toMs(at))
  return drafts.map(d =>
    entry.parse({
      id: id(toMs(at)),
      at,
      by: DEVICE,
      act,
      supersedes: null,
      answers,
      ...d,
    }),
  )
}
