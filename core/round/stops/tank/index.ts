import type { StopKind } from '../../stopKind'
import { tankDone, tankGiven, tankTooMuch, type TankGiven } from './answer'
import { tankFetch } from './fetch'
import { findTanks, type TankStop } from './find'

export const tankStops: StopKind<TankStop, TankGiven> = {
  kind: 'tank',
  find: findTanks,
  rank: () => ({ station: 'tanks', hygiene: null }),
  fetch: tankFetch,
  given: tankGiven,
  tooMuch: tankTooMuch,
  done: tankDone,
}
