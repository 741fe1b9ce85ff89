import type { StopKind } from '../../stopKind'
import { askDone, askEnough, askGiven, askNotNow, type AskGiven } from './answer'
import { findAsks, type AskStop } from './find'

export const askStops: StopKind<AskStop, AskGiven> = {
  kind: 'ask',
  find: findAsks,
  rank: s => ({ station: s.about.what === 'order' ? 'paper' : 'tanks', hygiene: null }),
  fetch: () => [],
  given: askGiven,
  done: askDone,
  notNow: askNotNow,
  enough: askEnough,
}
