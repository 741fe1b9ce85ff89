import type { Round } from '@renatus/core/round/round'
import { placeName } from '@renatus/core/round/placeName'
import { wordsOf } from '@renatus/core/round/roundLines'
import type { RoomState } from '@renatus/core/stock/roomState'
import { onTheWay, orders } from '@renatus/core/stock/orders'
import { dayText } from '@renatus/core/time/dayText'
import { foodName } from '~/words/foods'
import { findable, type Findable } from './findable'

/** What has to be bought, by the round and by what is on its way. */
function buying(round: Round, state: RoomState): Findable {
  const asked = [...round.stops, ...round.waiting.map(w => w.stop)].filter(s => s.kind === 'order')
  const lines = asked.flatMap(s => wordsOf(s, state).map(l => l.text))
  const coming = onTheWay(orders(state.entries), state.today).map(
    o => `On its way: ${o.foodId ? foodName(o.foodId) : 'cysts'}, expected ${dayText(o.comesOn)}.`,
  )
  const nothing = lines.length === 0 ? ['Nothing has to be ordered at this round.'] : lines
  return findable({
    key: 'act-buy',
    kind: 'act',
    name: 'What to buy',
    what: 'to do',
    to: '/ahead',
    answer: [...nothing, ...coming, 'Later orders stand in Ahead, each with its day.'].join(' '),
    more: 'buy order shop shopping purchase starter stock',
  })
}

/** Stops of the round that is on, in their own words. */
export const ofRound = (round: Round, state: RoomState): Findable[] => [
  buying(round, state),
  ...round.stops.map(stop =>
    findable({
      key: `stop-${stop.key}`,
      kind: 'act',
      name: wordsOf(stop, state)[0]?.text ?? stop.subject.name,
      what: `in this round, ${placeName(stop, state.places)}`,
      to: '/',
    }),
  ),
]
