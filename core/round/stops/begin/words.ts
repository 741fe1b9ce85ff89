import { foodOf } from '../../../foods/index'
import type { RoomState } from '../../../stock/roomState'
import { formatLitres } from '../../../units/format'
import { foodInSentence } from '../../handText'
import type { StopLine } from '../../stopKind'
import type { BeginStop } from './find'

/** ", from Worms 2", ", from the bag that came", ", as soon as its starter is here". */
function fromWords({ mother, starter }: BeginStop): string {
  if (mother) return `, from ${mother.record.name}`
  if (starter === 'bag') return ', from the bag that came'
  return starter === 'post' ? ', as soon as its starter is here' : ''
}

export function beginWords(stop: BeginStop, state: RoomState): StopLine[] {
  const food = foodOf(stop.start.food)!.profile
  const { left, litres, why } = stop.start
  const { vessels } = stop
  const unit = vessels === 1 ? 'vessel' : 'vessels'
  const rest = left > vessels ? ` The next round asks for the other ${left - vessels}.` : ''
  const size = formatLitres(litres, state.room.measures)
  const sizes = vessels === 1 ? size : `${size} each`
  const late = stop.late.code === 'on time' ? '' : ` (${stop.late.code})`
  return [
    {
      subject: food.name,
      verb: 'Start',
      amount: vessels,
      unit,
      big: `${vessels} ${unit}`,
      text: `Start ${vessels} ${unit} of ${foodInSentence(food)}, ${sizes}${fromWords(stop)}${late}.${rest}`,
      why,
    },
  ]
}
