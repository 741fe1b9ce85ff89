import { foodOf } from '../../../foods/index'
import type { RoomState } from '../../../stock/roomState'
import { formatLitres } from '../../../units/format'
import { foodInSentence } from '../../handText'
import type { StopLine } from '../../stopKind'
import type { BeginStop } from './find'

export function beginWords(stop: BeginStop, state: RoomState): StopLine[] {
  const food = foodOf(stop.start.food)!.profile
  const { left, litres, why } = stop.start
  const { vessels } = stop
  const unit = vessels === 1 ? 'vessel' : 'vessels'
  const rest = left > vessels ? ` The next round asks for the other ${left - vessels}.` : ''
  const each = formatLitres(litres, state.room.measures)
  const late = stop.late.code === 'on time' ? '' : ` (${stop.late.code})`
  const from = stop.mother ? `, from ${stop.mother.record.name}` : ''
  return [
    {
      subject: food.name,
      verb: 'Start',
      amount: vessels,
      unit,
      big: `${vessels} ${unit}`,
      text: `Start ${vessels} ${unit} of ${foodInSentence(food)}, ${each} each${from}${late}.${rest}`,
      why,
    },
  ]
}
