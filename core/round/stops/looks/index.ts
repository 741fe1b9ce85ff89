import type { StopKind } from '../../stopKind'
import { oneOf } from '../../thing'
import { looksDone, looksGiven, type LooksGiven } from './answer'
import { findLooks, type LooksStop } from './find'
import { looksWords } from './words'

const A_LOOK = 0.5

export const looksStops: StopKind<LooksStop, LooksGiven> = {
  kind: 'looks',
  find: findLooks,
  minutes: s => A_LOOK * s.cultures.length,
  rank: s => ({ station: 'cultures', hygiene: s.hygiene }),
  words: looksWords,
  fetch: () => [oneOf('torch', 'torch')],
  given: looksGiven,
  done: looksDone,
}
