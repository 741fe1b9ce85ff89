import { daysBack } from '../estimation/forecast'
import { SUITABLE } from '../fry/shares'
import type { Reason } from '../reasons/reason'
import type { Tank } from '../records/records'
import { MOST_SHARE, type Tended } from './amounts'
import type { Reckoning } from './reckoning/reckon'
import type { Want, WantedFood } from './reckoning/want'

/** What one tank is given of a culture at a round. */
export interface TankPortion {
  tank: Tank
  broods: string[]
  organisms: number
  /** Of the culture as it is; null where it lives on a surface. */
  ml: number | null
  /** Share of the vessel. */
  share: number
  /** Less than the whole of its meal: the rest is still wanted. */
  partial: boolean
  why: Reason
}

/** Most of a vessel that is drawn at once. */
export const MOST_DRAWN = MOST_SHARE

const WHOLE_FROM = 0.95

function portion(v: Tended, want: Want, food: WantedFood, organisms: number): TankPortion {
  const { estimate: e } = v.reading
  const total = Math.max(1e-9, e.organisms.p50)
  const inMl = e.per === 'mL'
  const density = Math.max(1e-9, e.density.p50)
  const names = food.eating.map(x => x.brood.name)
  const band = inMl ? e.density : e.organisms
  const holds = inMl ? density : total
  return {
    tank: want.tank,
    broods: names,
    organisms,
    ml: inMl ? organisms / density : null,
    share: organisms / total,
    partial: organisms < WHOLE_FROM * want.open * food.whole,
    why: {
      result: {
        label: inMl ? 'of the culture' : 'share of the vessel',
        value: organisms / holds,
        unit: inMl ? 'mL' : '',
      },
      rule: 'What the fry are given at this meal over what the culture holds today.',
      formula: 'want / holds',
      inputs: [
        {
          key: 'want',
          label: `${v.food.profile.units} for ${names.join(', ')}`,
          value: organisms,
          unit: '',
          from: 'the reckoning of this round',
        },
        {
          key: 'holds',
          label: `${v.food.profile.units} ${inMl ? 'per mL' : 'in it'}`,
          value: holds,
          unit: inMl ? '/mL' : '',
          from: `what is believed of ${v.culture.record.name}: ${Math.round(band.p10)} to ${Math.round(band.p90)}`,
        },
      ],
      source: 'your looks and counts, read by the model',
    },
  }
}

/** What tanks are given of this culture at a round: as it is reckoned; where nothing of it is reckoned, what would suit them. */
export function culturePortions(r: Reckoning, v: Tended): TankPortion[] {
  const { id } = v.culture
  const drawn = r.draws.filter(d => d.source.id === id && !d.source.inHand)
  if (drawn.length > 0) {
    return drawn.flatMap(d => {
      const want = r.wants.find(w => w.tank.id === d.tank.id)
      return want ? [portion(v, want, d.wanted, d.organisms)] : []
    })
  }
  return r.wants.flatMap(want => {
    const food = want.foods.get(v.food.profile.id)
    const suits = food && food.suits >= SUITABLE && food.share > 0
    return suits ? [portion(v, want, food, food.whole * want.open)] : []
  })
}

/** What is left after a share was drawn, and days until it is back; null where that is not within reach, or was not worked out. */
export function afterHarvest(v: Tended, share: number): { organisms: number; back: number | null } {
  return {
    organisms: v.reading.estimate.organisms.p50 * (1 - Math.min(1, share)),
    back: v.reading.ahead ? daysBack(v.reading.ahead.back, share) : null,
  }
}
