import type { StopTelling } from '../../stopKind'
import type { TubStop } from './find'
import { tubWords } from './words'

const MINUTES = 1

export const tubTelling: StopTelling<TubStop> = {
  kind: 'tub',
  words: tubWords,
  minutes: () => MINUTES,
}
