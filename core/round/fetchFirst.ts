import type { RoomState } from '../stock/roomState'
import type { Stop } from './stop'
import { kindOf } from './stopKinds'
import type { Thing } from './thing'

/** Two that ask for the same thing: its amounts are added up, or the larger one counts. */
function together(a: Thing, b: Thing): Thing {
  if (!a.amount || !b.amount) return a
  const [x, y] = [a.amount.value, b.amount.value]
  return { ...a, amount: { ...a.amount, value: a.take === 'sum' ? x + y : Math.max(x, y) } }
}

/** What the stops of a round take, each thing once, in the order in which it is first needed. */
export function fetchFirst(stops: readonly Stop[], state: RoomState): Thing[] {
  const things = new Map<string, Thing>()
  for (const thing of stops.flatMap(s => kindOf(s).fetch(s, state))) {
    const before = things.get(thing.id)
    things.set(thing.id, before ? together(before, thing) : thing)
  }
  return [...things.values()]
}
