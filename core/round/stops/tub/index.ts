import type { StopKind } from '../../stopKind'
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
  given: tubGiven,
  done: tubDone,
}
