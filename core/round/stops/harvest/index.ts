import type { StopKind } from '../../stopKind'
import { harvestDone, harvestGiven, type HarvestGiven } from './answer'
import { harvestFetch } from './fetch'
import { findHarvests, type HarvestStop } from './find'
import { harvestWords } from './words'

const MINUTES = 5

export const harvestStops: StopKind<HarvestStop, HarvestGiven> = {
  kind: 'harvest',
  find: findHarvests,
  minutes: () => MINUTES,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  words: harvestWords,
  fetch: harvestFetch,
  given: harvestGiven,
  done: harvestDone,
}
