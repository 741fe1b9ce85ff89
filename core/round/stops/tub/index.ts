import type { StopKind } from '../../stopKind'
import { oneOf } from '../../thing'
import { tubDone, tubGiven, type TubGiven } from './answer'
import { findTubs, type TubStop } from './find'

export const tubStops: StopKind<TubStop, TubGiven> = {
  kind: 'tub',
  find: findTubs,
  rank: () => ({ station: 'thaw', hygiene: null }),
  fetch: () => [oneOf('tub', 'tub for the day’s gel')],
  given: tubGiven,
  done: tubDone,
}
