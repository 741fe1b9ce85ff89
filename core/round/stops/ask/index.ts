import type { StopKind } from '../../stopKind'
import { askDone, askEnough, askGiven, askNotNow, type AskGiven } from './answer'
import { findAsks, type AskStop } from './find'
import { askWords } from './words'

const MINUTES = 0.5

export const askStops: StopKind<AskStop, AskGiven> = {
  kind: 'ask',
  find: findAsks,
  minutes: () => MINUTES,
  rank: s => ({ station: s.about.what === 'order' ? 'paper' : 'tanks', hygiene: null }),
  words: askWords,
  fetch: () => [],
  given: askGiven,
  done: askDone,
  notNow: askNotNow,
  enough: askEnough,
}
