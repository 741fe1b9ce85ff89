import type { RoomState } from '../stock/roomState'
import { costs, type Costs } from './costs'
import { provisions, type Provisions } from './provisions'
import { shoppingList, type Purchase } from './shopping'

/** All that is said of what is kept. */
export interface Larder extends Provisions {
  days: number
  certainty: number
  shopping: Purchase[]
  costs: Costs
}

/** What is kept, how long it lasts, what to buy by when so that nothing planned runs short, and what it all costs. */
export function larderOf(state: RoomState, days: number, certainty: number): Larder {
  const known = provisions(state, days, certainty)
  return {
    ...known,
    days,
    certainty,
    shopping: shoppingList(state, known.items, days, certainty),
    costs: costs(state),
  }
}
