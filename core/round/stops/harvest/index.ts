import type { StopKind } from '../../stopKind'
import { harvestDone, harvestGiven, type HarvestGiven } from './answer'
import { harvestFetch } from './fetch'
import { findHarvests, type HarvestStop } from './find'

export const harvestStops: StopKind<HarvestStop, HarvestGiven> = {
  kind: 'harvest',
  find: findHarvests,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  fetch: harvestFetch,
  given: harvestGiven,
  done: harvestDone,
}
