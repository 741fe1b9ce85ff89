import type { StopLine } from '../../stopKind'
import type { CleanStop } from './find'

export const cleanWords = (stop: CleanStop): StopLine[] => [
  {
    subject: stop.vessel.name,
    verb: 'Bleach',
    amount: stop.hatches,
    unit: 'hatches since',
    text: `Bleach ${stop.vessel.name} and its air line, then rinse until no smell is left: ${stop.hatches} ${stop.hatches === 1 ? 'hatch' : 'hatches'} since the last time.`,
    why: 'Film in vessel and lines feeds bacteria, and they eat the oxygen of the next hatch.',
  },
]
