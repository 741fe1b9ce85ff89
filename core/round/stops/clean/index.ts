import type { StopKind } from '../../stopKind'
import { oneOf } from '../../thing'
import { cleanDone, cleanGiven, type CleanGiven } from './answer'
import { findCleans, type CleanStop } from './find'

export const cleanStops: StopKind<CleanStop, CleanGiven> = {
  kind: 'clean',
  find: findCleans,
  rank: () => ({ station: 'cultures', hygiene: 'brine' }),
  fetch: () => [oneOf('bleach', 'household bleach and gloves')],
  given: cleanGiven,
  done: cleanDone,
}
