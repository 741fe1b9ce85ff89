import { feedUntil } from '../planning/reckoning/feedUntil'
import type { Store } from '../stock/stores'
import { hoursBetween, toMs, type Instant } from '../time/localDate'
import { formatDuration } from '../units/format'

/** How a store stands to its date: to be fed by then, over it and first to be fed, or of harm by now. */
export type StoreUse =
  { is: 'keeps' } | { is: 'good' | 'first' | 'harm'; until: Instant; ageH: number }

export function storeUse(store: Store, now: Instant): StoreUse {
  const { useBy } = store
  const until = feedUntil(store)
  if (useBy === null || until === null) return { is: 'keeps' }
  const ageH = hoursBetween(store.storedAt, now)
  if (toMs(now) <= toMs(useBy)) return { is: 'good', until: useBy, ageH }
  return toMs(now) <= toMs(until) ? { is: 'first', until, ageH } : { is: 'harm', until, ageH }
}

/**
 * The same in words.
 * @param when an instant as the room says it, such as "today 19:00"
 */
export function storeUseText(use: StoreUse, when: (at: Instant) => string): string {
  switch (use.is) {
    case 'keeps':
      return 'keeps'
    case 'good':
      return `feed by ${when(use.until)}`
    case 'first':
      return `over its time: feed first, at the latest ${when(use.until)}`
    case 'harm':
      return `${formatDuration(Math.round(use.ageH))} old: pour away`
  }
}
