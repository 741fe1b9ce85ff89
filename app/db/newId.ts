import { nowMs } from '~/composables/clock'
import { idTime, makeId } from '@renatus/core/records/id'

let last = 0
/** No clock of ours shows more, ms: an id beyond it is made up, and nothing goes after it. */
const LATEST = Date.UTC(2100, 0)

/** Ids made from now on sort after this one, even when the device's clock was set back. */
export function rememberId(id: string) {
  const made = idTime(id)
  if (made < LATEST) last = Math.max(last, made)
}

/** A new time-ordered id. crypto.getRandomValues also exists on plain http, where randomUUID does not. */
export function newId(): string {
  last = Math.max(nowMs(), last + 1)
  return makeId(last, crypto.getRandomValues(new Uint8Array(10)))
}
