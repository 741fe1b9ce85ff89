import type { StopKind } from '../../stopKind'
import { hatchDone, hatchGiven, type HatchGiven } from './answer'
import { findHatches, type HatchStop } from './find'
import { hatchWords } from './words'

const MINUTES = 5

export const hatchStops: StopKind<HatchStop, HatchGiven> = {
  kind: 'hatch',
  find: findHatches,
  minutes: () => MINUTES,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  words: hatchWords,
  given: hatchGiven,
  done: hatchDone,
}
