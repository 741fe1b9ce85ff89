import type { StopKind } from '../../stopKind'
import { provideDone, provideGiven, type ProvideGiven } from './answer'
import { findProvides, type ProvideStop } from './find'
import { provideWords } from './words'

const MINUTES = 2

export const provideStops: StopKind<ProvideStop, ProvideGiven> = {
  kind: 'provide',
  find: findProvides,
  minutes: () => MINUTES,
  rank: () => ({ station: 'paper', hygiene: null }),
  words: provideWords,
  fetch: () => [],
  given: provideGiven,
  done: provideDone,
}
