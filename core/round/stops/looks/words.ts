import type { StopLine } from '../../stopKind'
import type { LooksStop } from './find'

export const looksWords = (stop: LooksStop): StopLine[] =>
  stop.cultures.map(v => ({
    subject: v.culture.record.name,
    verb: 'Look at',
    amount: null,
    unit: '',
    text: `Look at ${v.culture.record.name}: does it look as drawn?`,
    why: `${stop.because} What is best done with it hangs on how it looks.`,
  }))
