import { dayText } from '../../../time/dayText'
import { addDays } from '../../../time/localDate'
import type { RoomState } from '../../../stock/roomState'
import { foodNamed, partsText, waysText } from '../../wayText'
import type { StopLine } from '../../stopKind'
import type { ProvideStop } from './find'

/** What is the matter, as the card says it. */
export function provideText({ brood, late, inDays, next, lacks }: ProvideStop): string {
  if (next) {
    const on = dayText(addDays(brood.freeOn, brood.day + inDays))
    const got = lacks.length > 0 ? ` Still to be got: ${partsText(lacks)}.` : ''
    return `Provide for ${brood.name}: from ${on} on it takes ${foodNamed(next)}, and none stands here.${got}`
  }
  const swims = `Provide for ${brood.name}: it swims free on ${dayText(brood.freeOn)}, and `
  if (!late) return `${swims}nothing that fits its mouth stands here.`
  const from = dayText(addDays(brood.freeOn, late.days - inDays))
  return `${swims}its first food here, ${foodNamed(late.foodId)}, is not to be fed before ${from}.`
}

function provideWhy({ late, next }: ProvideStop): string {
  if (next)
    return 'None of it stands, grows, is ordered or planned here, and it is kept in this room.'
  return late
    ? 'What fits its mouth and stands, grows, is ordered or planned here comes after its first day.'
    : 'Nothing that fits its mouth stands, grows, is ordered or planned here.'
}

export function provideWords(stop: ProvideStop, state: RoomState): StopLine[] {
  return [
    {
      subject: stop.subject.name,
      verb: 'Provide',
      amount: null,
      unit: '',
      text: `${provideText(stop)}${waysText(stop.ways, state.today)}`,
      why: provideWhy(stop),
    },
  ]
}
