import { edible } from '../../../fry/edibles'
import { dayText } from '../../../time/dayText'
import { addDays, type LocalDate } from '../../../time/localDate'
import type { FirstFoodWay } from '../../../planning/firstFood'
import type { RoomState } from '../../../stock/roomState'
import { foodInSentence } from '../../handText'
import type { StopLine } from '../../stopKind'
import type { ProvideStop } from './find'

const nameOf = (id: string) => {
  const food = edible(id)
  return food ? foodInSentence(food) : id
}

const BEGIN: Record<FirstFoodWay['kind'], (food: string) => string> = {
  hatch: food => `hatch ${food}`,
  start: food => `start ${food}`,
  starter: food => `order a starter of ${food}`,
  buy: food => `order ${food}`,
}

/** "hatch brine shrimp nauplii (fed from Fri 27 Mar)". */
const wayText = (w: FirstFoodWay, today: LocalDate) =>
  `${BEGIN[w.kind](nameOf(w.foodId))} (fed from ${dayText(addDays(today, w.days))})`

/** What is the matter, as the card says it. */
export function provideText({ brood, late, inDays }: ProvideStop): string {
  const swims = `Provide for ${brood.name}: it swims free on ${dayText(brood.freeOn)}, and `
  if (!late) return `${swims}nothing that fits its mouth stands here.`
  const from = dayText(addDays(brood.freeOn, late.days - inDays))
  return `${swims}its first food here, ${nameOf(late.foodId)}, is not to be fed before ${from}.`
}

export function provideWords(stop: ProvideStop, state: RoomState): StopLine[] {
  const ways = stop.ways.map(w => wayText(w, state.today)).join(', or ')
  const begin = ways ? ` ${ways.replace(/^./, c => c.toUpperCase())}.` : ''
  return [
    {
      subject: stop.subject.name,
      verb: 'Provide',
      amount: null,
      unit: '',
      text: `${provideText(stop)}${begin}`,
      why: stop.late
        ? 'What fits its mouth and stands, grows, is ordered or planned here comes after its first day.'
        : 'Nothing that fits its mouth stands, grows, is ordered or planned here.',
    },
  ]
}
