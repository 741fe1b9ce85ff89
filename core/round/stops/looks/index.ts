import type { StopKind } from '../../stopKind'
import { oneOf } from '../../thing'
import { looksDone, looksGiven, type LooksGiven } from './answer'
import { findLooks, type LooksStop } from './find'

export const looksStops: StopKind<LooksStop, LooksGiven> = {
  kind: 'looks',
  find: findLooks,
  rank: s => ({ station: 'cultures', hygiene: s.hygiene }),
  fetch: () => [oneOf('torch', 'torch')],
  given: looksGiven,
  done: looksDone,
}
