import type { StopTelling } from '../../stopKind'
import type { LooksStop } from './find'
import { looksWords } from './words'

const A_LOOK = 0.5

export const looksTelling: StopTelling<LooksStop> = {
  kind: 'looks',
  words: looksWords,
  minutes: s => A_LOOK * s.cultures.length,
}
