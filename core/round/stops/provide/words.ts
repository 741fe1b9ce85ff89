import { dayText } from '../../../time/dayText'
import { addDays } from '../../../time/localDate'
import type { RoomState } from '../../../stock/roomState'
import { foodNamed, waysText } from '../../wayText'
import type { StopLine } from '../../stopKind'
import type { ProvideStop } from './find'

/** What is the matter, as the card says it. */
export function provideText({ brood, late, inDays }: ProvideStop): string {
  const swims = `Provide for ${brood.name}: it swims free on ${dayText(brood.freeOn)}, and `
  if (!late) return `${swims}nothing that fits its mouth stands here.`
  const from = dayText(addDays(brood.freeOn, late.days - inDays))
  return `${swims}its first food here, ${foodNamed(late.foodId)}, is not to be fed before ${from}.`
}

export function provideWords(stop: ProvideStop, state: RoomState): StopLine[] {
  return [
    {
      subject: stop.subject.name,
      verb: 'Provide',
      amount: null,
      unit: '',
      text: `${provideText(stop)}${waysText(stop.ways, state.today)}`,
      why: stop.late
        ? 'What fits its mouth and stands, grows, is ordered or planned here comes after its first day.'
        : 'Nothing that fits its mouth stands, grows, is ordered or planned here.',
    },
  ]
}
