import type { FromMix } from '../../../stock/fromMix'
import type { RoomState } from '../../../stock/roomState'
import { formatGrams, formatLitres } from '../../../units/format'
import type { StopLine } from '../../stopKind'
import type { HatchStop } from './find'

/** Less water than this on top of a brine is not poured, mL. */
const NO_WATER_ML = 5

/** "1.3 L of Stock brine, 0.7 L water". */
export function brineText({ name, ml, waterMl }: FromMix, litres: (l: number) => string): string {
  const water = waterMl < NO_WATER_ML ? '' : `, ${litres(waterMl / 1000)} water`
  return `${litres(ml / 1000)} of ${name}${water}`
}

export function hatchWords(stop: HatchStop, state: RoomState): StopLine[] {
  const p = stop.planned
  const first = p.pulls[0]!
  const litres = (l: number) => formatLitres(l, state.room.measures)
  const salted = p.brine
    ? brineText(p.brine, litres)
    : `${litres(p.waterL)} water, ${formatGrams(p.saltG)} salt`
  return [
    {
      subject: p.vessel.name,
      verb: 'Start',
      amount: p.cystsG,
      unit: 'g',
      big: formatGrams(p.cystsG),
      text: `Start ${p.vessel.name}: ${salted}, ${formatGrams(p.cystsG)} cysts.`,
      why: p.why.cysts.rule,
      clock: { minutes: Math.round(first.h * 60), until: first.at },
    },
  ]
}
