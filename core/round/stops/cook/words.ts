import type { RoomState } from '../../../stock/roomState'
import { dayText } from '../../../time/dayText'
import type { StopLine } from '../../stopKind'
import type { CookStop } from './find'

export function cookWords(stop: CookStop, state: RoomState): StopLine[] {
  const { mix, emptyOn } = stop.cover
  const holds = state.gel.boxes.some(b => b.mixId === mix.id && b.pieces > 0)
  const because = holds
    ? `the boxes are empty on ${dayText(emptyOn!)}`
    : 'no box holds a piece for today'
  return [
    {
      subject: mix.name,
      verb: 'Cook',
      amount: 1,
      unit: 'batch',
      big: mix.name,
      text: `Cook gel, ${mix.name}: ${because}.`,
      why: 'It sets and freezes over a night.',
    },
  ]
}
