import type { StopKind } from '../../stopKind'
import { cookDone, cookGiven, type CookGiven } from './answer'
import { findCooks, type CookStop } from './find'
import { cookWords } from './words'

const MINUTES = 35

export const cookStops: StopKind<CookStop, CookGiven> = {
  kind: 'cook',
  find: findCooks,
  minutes: () => MINUTES,
  rank: () => ({ station: 'kitchen', hygiene: null }),
  words: cookWords,
  fetch: () => [],
  given: cookGiven,
  done: cookDone,
}
