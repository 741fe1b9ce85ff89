import { fryOn } from '../fry/fryCourse'
import { temperatureOn } from './tankTemperature'
import type { SheetRequest } from '../fry/broodSheet'
import type { Room } from '../records/records'
import { addDays } from '../time/localDate'
import { foodsFor, mealsGiven, wishesNow } from './broodLadder'
import type { BroodState } from './broodState'

/** What-if on a brood: degrees warmer and days later than it stands. */
export interface WhatIf {
  warmerC: number
  laterDays: number
}

/** A brood as plain data for its sheet; null for an unknown fish or tank. */
export function sheetRequest(
  state: BroodState,
  room: Room,
  from: number,
  days: number,
  what: WhatIf = { warmerC: 0, laterDays: 0 },
): SheetRequest | null {
  if (!state.species || !state.tank) return null
  const first = Math.max(0, from)
  const freeOn = addDays(state.freeOn, what.laterDays)
  const all = Array.from({ length: first + days + 3 }, (_, d) => addDays(freeOn, d))
  return {
    id: state.id,
    species: state.species,
    growth: state.growth,
    gape: state.gape,
    temperatures: all.map(d => temperatureOn(state.water, d) + what.warmerC),
    fry: all.map(d => fryOn(state.numbers, addDays(d, -what.laterDays))),
    tankL: state.tank.litres,
    mealsPerDay: mealsGiven(room),
    wishes: wishesNow(state),
    foods: foodsFor(state, room).map(f => f.id),
    preySize: state.preySize,
    from: first,
    days,
    today: state.day - what.laterDays,
  }
}
