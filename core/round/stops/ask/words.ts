import type { LifeEvent } from '../../../fry/life'
import { dayText } from '../../../time/dayText'
import { foodInSentence } from '../../handText'
import { edible } from '../../../fry/edibles'
import type { StopLine } from '../../stopKind'
import type { AskStop } from './find'

const QUESTIONS: Record<LifeEvent, string> = {
  spawned: 'Have they spawned',
  hatched: 'Have they hatched',
  free: 'Do they swim free',
}

/** What arrived, or should have. */
export function orderName(stop: AskStop): string {
  if (stop.about.what !== 'order') return ''
  const { order } = stop.about
  if (order.what === 'material') return `what was ordered (${stop.subject.name})`
  const food = order.foodId ? edible(order.foodId) : null
  if (!food) return 'the cysts'
  const what = order.what === 'starter' ? 'the starter' : 'the order'
  return `${what} of ${foodInSentence(food)}`
}

/** The question as it is asked. */
export function askText(stop: AskStop): string {
  const { about, subject } = stop
  return about.what === 'brood'
    ? `${QUESTIONS[about.event]}, ${subject.name}?`
    : `Has ${orderName(stop)} come?`
}

export function askWords(stop: AskStop): StopLine[] {
  const { about, subject } = stop
  const on = about.what === 'brood' ? about.on : about.order.comesOn
  return [
    {
      subject: subject.name,
      verb: 'Look whether',
      amount: null,
      unit: '',
      text: askText(stop),
      why: `Expected for ${dayText(on)}; until you say otherwise Renatus goes on with that.`,
    },
  ]
}
