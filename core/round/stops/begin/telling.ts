import { startMinutes } from '../../../planning/startMinutes'
import type { StopTelling } from '../../stopKind'
import type { BeginStop } from './find'
import { beginWords } from './words'

export const beginTelling: StopTelling<BeginStop> = {
  kind: 'begin',
  words: beginWords,
  minutes: s => startMinutes(s.steps, s.vessels),
}
