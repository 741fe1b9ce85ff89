import { makeId } from '@renatus/core/records/id'
import type { RandomStream } from '@renatus/core/math/random'

/** Ids of the demo room: of their time, and the same for the same seed. */
export function idMaker(chance: RandomStream) {
  let last = 0
  return (ms: number) => {
    last = Math.max(Math.floor(ms), last + 1)
    return makeId(
      last,
      Uint8Array.from({ length: 10 }, () => chance.integer(0, 255)),
    )
  }
}
