import type { StopKind } from '../../stopKind'
import { clearDone, clearGiven, type ClearGiven } from './answer'
import { findClears, type ClearStop } from './find'

export const clearStops: StopKind<ClearStop, ClearGiven> = {
  kind: 'clear',
  find: findClears,
  rank: s =>
    s.what.of === 'hatch'
      ? { station: 'cultures', hygiene: 'brine' }
      : { station: 'thaw', hygiene: null },
  fetch: () => [],
  given: clearGiven,
  done: clearDone,
}
