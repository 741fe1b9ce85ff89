import type { StopKind } from '../../stopKind'
import { clearDone, clearGiven, type ClearGiven } from './answer'
import { findClears, type ClearStop } from './find'
import { clearWords } from './words'

const MINUTES = { hatch: 3, store: 1, gel: 1 } as const

export const clearStops: StopKind<ClearStop, ClearGiven> = {
  kind: 'clear',
  find: findClears,
  minutes: s => MINUTES[s.what.of],
  rank: s =>
    s.what.of === 'hatch'
      ? { station: 'cultures', hygiene: 'brine' }
      : { station: 'thaw', hygiene: null },
  words: clearWords,
  given: clearGiven,
  done: clearDone,
}
