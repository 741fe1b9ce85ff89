import type { StopKind } from '../../stopKind'
import { oneOf } from '../../thing'
import { cleanDone, cleanGiven, type CleanGiven } from './answer'
import { findCleans, type CleanStop } from './find'
import { cleanWords } from './words'

const MINUTES = 6

export const cleanStops: StopKind<CleanStop, CleanGiven> = {
  kind: 'clean',
  find: findCleans,
  minutes: () => MINUTES,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  words: cleanWords,
  fetch: () => [oneOf('bleach', 'household bleach and gloves')],
  given: cleanGiven,
  done: cleanDone,
}
