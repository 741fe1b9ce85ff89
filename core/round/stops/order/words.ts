import { foodOf } from '../../../foods/index'
import { dayText } from '../../../time/dayText'
import { formatGrams } from '../../../units/format'
import { foodInSentence } from '../../handText'
import type { StopLine } from '../../stopKind'
import type { OrderStop } from './find'

export function orderWords(stop: OrderStop): StopLine[] {
  const { start, cysts, material, subject } = stop
  if (material) {
    const days = Math.max(0, Math.floor(material.days))
    const lasts = days === 1 ? 'a day' : `${days} days`
    return [
      {
        subject: subject.name,
        verb: 'Order',
        amount: 1,
        unit: 'pack',
        big: 'a pack',
        text: `Order ${subject.name.toLowerCase()}: what is left lasts ${lasts}.`,
        why: 'By what is planned and what was used of late it runs short before a parcel is here.',
      },
    ]
  }
  if (cysts) {
    const left = `${formatGrams(cysts.grams)} are left, ${Math.floor(cysts.days)} days at ${formatGrams(cysts.gramsPerDay)} a day`
    return [
      {
        subject: 'Cysts',
        verb: 'Order',
        amount: 1,
        unit: 'tin',
        big: 'cysts',
        text: `Order cysts: ${left}.`,
        why: 'A parcel takes days, and a new lot is tried before the old one ends.',
      },
    ]
  }
  const food = foodOf(stop.foodId ?? '')?.profile
  const name = food ? foodInSentence(food) : subject.name
  const when = start ? `, to start on ${dayText(start.on)}` : ''
  return [
    {
      subject: subject.name,
      verb: 'Order',
      amount: 1,
      unit: 'starter',
      big: 'a starter',
      text: `Order a starter of ${name}${when}.`,
      why: start?.why ?? 'Nothing of it stands in the room.',
    },
  ]
}
