import { piecesText } from '../../../feeds/portionText'
import { edible } from '../../../fry/edibles'
import { dayText } from '../../../time/dayText'
import { hoursBetween, localDateOf } from '../../../time/localDate'
import type { RoomState } from '../../../stock/roomState'
import type { Store } from '../../../stock/stores'
import { formatCount, formatDuration } from '../../../units/format'
import { foodInSentence, handText } from '../../handText'
import type { StopLine } from '../../stopKind'
import type { ClearStop } from './find'

/** What is past its time, and what it does where it is fed all the same. */
function whyOf(store: Store, state: RoomState): string {
  const age = formatDuration(Math.round(hoursBetween(store.storedAt, state.now)))
  if (store.keep === 'fridge')
    return `${age} in the fridge: by now many have died, and a tank that gets them is fouled.`
  const until = store.useBy ? dayText(localDateOf(store.useBy, state.room.timeZone)) : null
  return until ? `It was to be used by ${until}.` : `It is ${age} old.`
}

export function clearWords(stop: ClearStop, state: RoomState): StopLine[] {
  const { what } = stop
  const subject = stop.subject.name
  if (what.of === 'hatch') {
    const age = formatDuration(Math.round(what.hours))
    return [
      {
        subject,
        verb: 'Empty',
        amount: null,
        unit: '',
        big: age,
        text: `Empty ${subject}: ${age} old. Hot water through vessel and lines at once.`,
        why: 'Nothing in it is worth feeding any more.',
      },
    ]
  }
  if (what.of === 'gel') {
    const { box } = what
    const pieces = piecesText(box.pieces)
    return [
      {
        subject,
        verb: 'Throw out',
        amount: box.pieces,
        unit: 'piece',
        big: pieces,
        text: `Throw out what is left in ${subject}: ${pieces}.`,
        why: `It was to be used by ${dayText(localDateOf(box.useBy, state.room.timeZone))}.`,
      },
    ]
  }
  return what.stores.map(store => storeLine(store, state))
}

function storeLine(store: Store, state: RoomState): StopLine {
  const food = edible(store.foodId)
  const name = food ? foodInSentence(food) : store.foodId
  const text = store.organisms
    ? formatCount(store.organisms)
    : handText({ value: store.amount ?? 0, unit: store.unit }, state.room.measures)
  return {
    subject: store.name,
    verb: 'Pour away',
    amount: store.organisms ?? store.amount,
    unit: store.organisms ? (food?.units ?? '') : store.unit,
    big: text,
    text: `Pour away ${text} ${name} of ${store.name}.`,
    why: whyOf(store, state),
  }
}
