import type { RoomState } from '../../../stock/roomState'
import { formatGrams, formatLitres } from '../../../units/format'
import type { StopLine } from '../../stopKind'
import type { HatchStop } from './find'

export function hatchWords(stop: HatchStop, state: RoomState): StopLine[] {
  const p = stop.planned
  const first = p.pulls[0]!
  const water = formatLitres(p.waterL, state.room.measures)
  return [
    {
      subject: p.vessel.name,
      verb: 'Start',
      amount: p.cystsG,
      unit: 'g',
      big: formatGrams(p.cystsG),
      text: `Start ${p.vessel.name}: ${water} water, ${formatGrams(p.saltG)} salt, ${formatGrams(p.cystsG)} cysts.`,
      why: p.why.cysts.rule,
      clock: { minutes: Math.round(first.h * 60), until: first.at },
    },
  ]
}
