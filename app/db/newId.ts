import { nowMs } from '~/composables/clock'
import { idTime, makeId } from '@renatus/core/records/id'

let last = 0

/** Ids made from now on sort after this one, even when the device's clock was set back. */
export function rememberId(id: string) {
  last = Math.max(last, idTime(id))
}

/** A new time-ordered id. crypto.getRandomValues also exists on plain http, where randomUUID does not. */
export function newId(): string {
  last = Math.max(nowMs(), last + 1)
  return makeId(last, crypto.getRandomValues(new Uint8Array(10)))
}
