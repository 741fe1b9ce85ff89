import type { StopKind } from '../../stopKind'
import { provideDone, provideGiven, type ProvideGiven } from './answer'
import { findProvides, type ProvideStop } from './find'

export const provideStops: StopKind<ProvideStop, ProvideGiven> = {
  kind: 'provide',
  find: findProvides,
  rank: () => ({ station: 'paper', hygiene: null }),
  fetch: () => [],
  given: provideGiven,
  done: provideDone,
}
