import type { StopTelling } from '../../stopKind'
import type { CookStop } from './find'
import { cookWords } from './words'

const MINUTES = 35

export const cookTelling: StopTelling<CookStop> = {
  kind: 'cook',
  words: cookWords,
  minutes: () => MINUTES,
}
