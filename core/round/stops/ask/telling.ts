import type { StopTelling } from '../../stopKind'
import type { AskStop } from './find'
import { askWords } from './words'

const MINUTES = 0.5

export const askTelling: StopTelling<AskStop> = {
  kind: 'ask',
  words: askWords,
  minutes: () => MINUTES,
}
