import type { StopKind } from '../../stopKind'
import { hatchDone, hatchGiven, type HatchGiven } from './answer'
import { hatchFetch } from './fetch'
import { findHatches, type HatchStop } from './find'

export const hatchStops: StopKind<HatchStop, HatchGiven> = {
  kind: 'hatch',
  find: findHatches,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  fetch: hatchFetch,
  given: hatchGiven,
  done: hatchDone,
}
