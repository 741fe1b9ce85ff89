import type { StopKind } from '../../stopKind'
import { cookDone, cookGiven, type CookGiven } from './answer'
import { findCooks, type CookStop } from './find'

export const cookStops: StopKind<CookStop, CookGiven> = {
  kind: 'cook',
  find: findCooks,
  rank: () => ({ station: 'kitchen', hygiene: null }),
  fetch: () => [],
  given: cookGiven,
  done: cookDone,
}
