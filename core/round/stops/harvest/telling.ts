import type { StopTelling } from '../../stopKind'
import type { HarvestStop } from './find'
import { harvestWords } from './words'

const MINUTES = 5

export const harvestTelling: StopTelling<HarvestStop> = {
  kind: 'harvest',
  words: harvestWords,
  minutes: () => MINUTES,
}
