import type { HygieneClass } from '../../../foods/contract'
import { recipe } from '../../../foods/recipe'
import { WATER_NAMES, usualWater } from '../../../planning/usualWater'
import type { RoomState } from '../../../stock/roomState'
import { cups, measureFor, oneOf, some, type Thing } from '../../thing'
import type { VesselStop } from './find'

/** What the animals of a class are caught with, where they are not poured or wiped. */
const CAUGHT_WITH: Partial<Record<HygieneClass, Thing>> = {
  cladocerans: oneOf('net', 'fine net'),
  rotifers: oneOf('rotifer-sieve', 'sieve of 40 to 60 µm'),
}

/** What is drawn with, and into what. */
function forDrawing(stop: VesselStop): Thing[] {
  const all = [...stop.draws, ...stop.others]
  if (all.length === 0) return []
  const tool = CAUGHT_WITH[stop.hygiene]
  const ml = all.filter(d => d.amount.unit === 'mL').map(d => measureFor(d.amount.value))
  return [...(tool ? [tool] : []), ...ml, ...cups(all.length)]
}

/** What the act takes: feed, water, or all that a fresh medium is made of. */
function forAct(stop: VesselStop, state: RoomState): Thing[] {
  const { act, tended, feed } = stop
  if (!act) return []
  if (act.kind === 'renew') {
    const { litres } = tended.culture.record
    const { lines } = recipe(tended.food, tended.method, litres, state.room.measures)
    return lines.filter(l => !l.starter).map(l => some(l.what, l.amount, l.unit))
  }
  if (act.kind === 'split') return [oneOf('vessel', 'a second vessel like it')]
  if (!act.amount || feed) return []
  const { value, unit, what } = act.amount
  if (act.kind === 'feed') return [some(what, value, unit)]
  return act.kind === 'change water' ? [some(WATER_NAMES[usualWater(tended)], value, unit)] : []
}

export function vesselFetch(stop: VesselStop, state: RoomState): Thing[] {
  const water = WATER_NAMES[usualWater(stop.tended)]
  const topUp = stop.topUpMl > 0 ? [some(water, Math.round(stop.topUpMl), 'mL')] : []
  return [...forDrawing(stop), ...forAct(stop, state), ...topUp]
}
