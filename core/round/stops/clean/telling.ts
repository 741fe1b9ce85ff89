import type { StopTelling } from '../../stopKind'
import type { CleanStop } from './find'
import { cleanWords } from './words'

const MINUTES = 6

export const cleanTelling: StopTelling<CleanStop> = {
  kind: 'clean',
  words: cleanWords,
  minutes: () => MINUTES,
}
