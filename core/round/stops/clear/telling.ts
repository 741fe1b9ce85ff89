import type { StopTelling } from '../../stopKind'
import type { ClearStop } from './find'
import { clearWords } from './words'

const MINUTES = { hatch: 3, stores: 1, gel: 1 } as const
/** Each store more at the same place. */
const ONE_MORE = 0.25

export const clearTelling: StopTelling<ClearStop> = {
  kind: 'clear',
  words: clearWords,
  minutes: s =>
    MINUTES[s.what.of] + (s.what.of === 'stores' ? ONE_MORE * (s.what.stores.length - 1) : 0),
}
