import { nearQuarter, piecesText } from '../../../feeds/portionText'
import type { StopLine } from '../../stopKind'
import type { TubStop } from './find'

export function tubWords(stop: TubStop): StopLine[] {
  const who = stop.tanks.map(t => `${t.tankName} ${nearQuarter(t.pieces)}`).join(', ')
  return [
    {
      subject: stop.box.name,
      verb: 'Take out',
      amount: stop.pieces,
      unit: 'piece',
      big: piecesText(stop.pieces),
      text: `Take ${piecesText(stop.pieces)} out of ${stop.box.name} into the day’s tub: ${who}.`,
      why: 'What the tanks are given of gel today, to thaw; the box goes back at once.',
    },
  ]
}
