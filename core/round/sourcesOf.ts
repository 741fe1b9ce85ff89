import { edible } from '../fry/edibles'
import { GEL_ID } from '../stock/gelNeed'
import type { Draw } from '../planning/reckoning/draw'
import type { OtherDraw } from '../planning/reckoning/eaters'
import type { Stop } from './stop'

/** What a stop takes from where. */
export interface StopSource {
  id: string
  food: string
  amount: number
  unit: string
  organisms: number
}

const ofDraw = (d: Draw | OtherDraw): StopSource => ({
  id: d.source.id,
  food: d.foodId,
  amount: d.amount.value,
  unit: d.amount.unit,
  organisms: d.organisms,
})

/** Sources that a stop draws from, with how much of each; empty where it draws nothing. */
export function sourcesOf(stop: Stop): StopSource[] {
  if (stop.kind === 'vessel') return [...stop.draws, ...stop.others].map(ofDraw)
  if (stop.kind !== 'tank') return []
  const { gel, grown } = stop
  const pieces = gel
    ? [
        {
          id: gel.box.id,
          food: GEL_ID,
          amount: gel.pieces,
          unit: 'piece',
          organisms: (gel.pieces * gel.box.pieceDryMg * 1000) / (edible(GEL_ID)?.dryUg ?? 1),
        },
      ]
    : []
  return [...stop.draws.map(ofDraw), ...pieces, ...(grown ? [ofDraw(grown)] : [])]
}
