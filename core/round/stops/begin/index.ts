import type { StopKind } from '../../stopKind'
import { beginDone, beginGiven, type BeginGiven } from './answer'
import { beginFetch } from './fetch'
import { findBegins, fitBegin, type BeginStop } from './find'

export const beginStops: StopKind<BeginStop, BeginGiven> = {
  kind: 'begin',
  find: findBegins,
  fit: fitBegin,
  // On its own day there is a round left, as a rule; after that nothing would be begun in a room that is always busy.
  insists: s => s.late.days > 0,
  rank: s => ({ station: 'cultures', hygiene: s.hygiene }),
  fetch: beginFetch,
  given: beginGiven,
  done: beginDone,
}
