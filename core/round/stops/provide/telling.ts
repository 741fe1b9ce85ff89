import type { StopTelling } from '../../stopKind'
import type { ProvideStop } from './find'
import { provideWords } from './words'

const MINUTES = 2

export const provideTelling: StopTelling<ProvideStop> = {
  kind: 'provide',
  words: provideWords,
  minutes: () => MINUTES,
}
