import type { StopTelling } from '../../stopKind'
import type { HatchStop } from './find'
import { hatchWords } from './words'

const MINUTES = 5

export const hatchTelling: StopTelling<HatchStop> = {
  kind: 'hatch',
  words: hatchWords,
  minutes: () => MINUTES,
}
