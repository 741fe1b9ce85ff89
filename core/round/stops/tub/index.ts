import type { StopKind } from '../../stopKind'
import { oneOf } from '../../thing'
import { tubDone, tubGiven, type TubGiven } from './answer'
import { findTubs, type TubStop } from './find'
import { tubWords } from './words'

const MINUTES = 1

export const tubStops: StopKind<TubStop, TubGiven> = {
  kind: 'tub',
  find: findTubs,
  minutes: () => MINUTES,
  rank: () => ({ station: 'thaw', hygiene: null }),
  words: tubWords,
  fetch: () => [oneOf('tub', 'tub for the day’s gel')],
  given: tubGiven,
  done: tubDone,
}
