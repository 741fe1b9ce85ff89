import { foodOf } from '../../../foods/index'
import type { RoomState } from '../../../stock/roomState'
import { formatTemperature } from '../../../units/format'
import type { StopLine } from '../../stopKind'
import type { CoolStop } from './find'

const WHERE = { top: 'at the top', middle: 'in the middle', bottom: 'at the bottom' } as const

export function coolWords(stop: CoolStop, state: RoomState): StopLine[] {
  const { measures } = state.room
  const here = formatTemperature(stop.hereC, measures)
  const there = formatTemperature(stop.thereC, measures)
  const name = foodOf(stop.culture.foodId)?.profile.name.toLowerCase() ?? 'this culture'
  return [
    {
      subject: stop.culture.name,
      verb: 'Carry',
      amount: null,
      unit: '',
      text: `Carry ${stop.culture.name} to ${stop.to.name}, ${WHERE[stop.level]}: ${here} here, ${there} there.`,
      why: `It is too warm here for ${name}: it stops growing, then dies.`,
    },
  ]
}
