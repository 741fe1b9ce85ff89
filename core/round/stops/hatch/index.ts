import type { StopKind } from '../../stopKind'
import { hatchDone, hatchGiven, type HatchGiven } from './answer'
import { hatchFetch } from './fetch'
import { findHatches, type HatchStop } from './find'
import { hatchWords } from './words'

const MINUTES = 5

export const hatchStops: StopKind<HatchStop, HatchGiven> = {
  kind: 'hatch',
  find: findHatches,
  minutes: () => MINUTES,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  words: hatchWords,
  fetch: hatchFetch,
  given: hatchGiven,
  done: hatchDone,
}
