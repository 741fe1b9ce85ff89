import type { StopTelling } from '../../stopKind'
import type { CoolStop } from './find'
import { coolWords } from './words'

const MINUTES = 1

export const coolTelling: StopTelling<CoolStop> = {
  kind: 'cool',
  words: coolWords,
  minutes: () => MINUTES,
}
