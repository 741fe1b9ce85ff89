import { CUP_ML } from '../../../planning/reckoning/sourcesAt'
import { formatCount } from '../../../units/format'
import type { StopLine } from '../../stopKind'
import type { HarvestStop } from './find'

export function harvestWords(stop: HarvestStop): StopLine[] {
  const { pull, subject } = stop
  const tanks =
    stop.tanks.length > 0 ? ` For ${stop.tanks.join(', ')}; the rest goes to the fridge.` : ''
  return [
    {
      subject: subject.name,
      verb: 'Harvest',
      amount: Math.round(pull.nauplii),
      unit: 'nauplii',
      big: formatCount(pull.nauplii),
      text: `Harvest ${subject.name}: about ${formatCount(pull.nauplii)} nauplii into a cup of ${CUP_ML} mL, pull ${pull.pullNo} of ${pull.ofPulls}.${tanks}`,
      why: pull.late
        ? 'It was due before: harvest it now, look and smell first.'
        : (pull.why?.rule ?? 'It is due at this round.'),
    },
  ]
}
