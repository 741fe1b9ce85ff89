import type { StopKind } from '../../stopKind'
import { clearDone, clearGiven, type ClearGiven } from './answer'
import { findClears, type ClearStop } from './find'
import { clearWords } from './words'

const MINUTES = { hatch: 3, stores: 1, gel: 1 } as const
/** Each store more at the same place. */
const ONE_MORE = 0.25

export const clearStops: StopKind<ClearStop, ClearGiven> = {
  kind: 'clear',
  find: findClears,
  minutes: s =>
    MINUTES[s.what.of] + (s.what.of === 'stores' ? ONE_MORE * (s.what.stores.length - 1) : 0),
  rank: s =>
    s.what.of === 'hatch'
      ? { station: 'cultures', hygiene: 'brine' }
      : { station: 'thaw', hygiene: null },
  words: clearWords,
  fetch: () => [],
  given: clearGiven,
  done: clearDone,
}
