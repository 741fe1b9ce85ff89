import type { Band } from '../estimation/cloud'
import { daysBack } from '../estimation/forecast'
import { profile as nauplii } from '../foods/brine-shrimp/profile'
import type { Reason } from '../reasons/reason'
import type { Tank } from '../records/records'
import type { RoomState } from '../stock/roomState'
import type { RoundOccurrence } from '../time/rounds'
import { MOST_SHARE, type Vat } from './amounts'
import { ladderDays } from './meals'
import { isGiven, tankFoods } from './tankMeals'

/** What one tank wants of a food at a round, as so much of a culture. */
export interface TankPortion {
  tank: Tank
  broods: string[]
  organisms: number
  /** Of the culture as it is; null where it lives on a surface. */
  ml: number | null
  /** Share of the vessel. */
  share: number
  why: Reason
}

export interface CultureHarvest {
  /** The density that is reckoned with, per mL or cm2. */
  density: Band
  per: 'mL' | 'cm2'
  portions: TankPortion[]
  /** Share that all of them ask for, and the most that is drawn at once. */
  wanted: number
  most: number
}

/** What the tanks want of this culture at a round, and how much of it that is. Tanks that had their portion at the round are left out. */
export function cultureHarvest(state: RoomState, v: Vat, round: RoundOccurrence): CultureHarvest {
  const { estimate: e } = v.reading
  const dayOf = ladderDays(state, [round.date])
  const total = e.organisms.p50
  const vesselMl = v.culture.record.litres * 1000
  const portions = state.tanks.flatMap((tank): TankPortion[] => {
    const food =
      v.food.profile.id === nauplii.id || isGiven(state, tank, round, v.food.profile.id)
        ? undefined
        : tankFoods(state, tank, round, dayOf).find(f => f.food.id === v.food.profile.id)
    if (!food || total <= 0) return []
    const share = food.organisms / total
    const ml = e.per === 'mL' ? food.organisms / e.density.p50 : null
    const names = food.for.map(b => b.name)
    return [
      {
        tank,
        broods: names,
        organisms: food.organisms,
        ml,
        share,
        why: {
          result: {
            label: ml === null ? 'share of the vessel' : 'of the culture',
            value: ml ?? share,
            unit: ml === null ? '' : 'mL',
          },
          rule: 'What the fry want at this meal over what the culture holds today.',
          formula: 'want / holds',
          inputs: [
            {
              key: 'want',
              label: `${v.food.profile.units} for ${names.join(', ')}`,
              value: food.organisms,
              unit: '',
              from: 'their ladder, at this round',
            },
            {
              key: 'holds',
              label:
                ml === null ? `${v.food.profile.units} in it` : `${v.food.profile.units} per mL`,
              value: ml === null ? total : e.density.p50,
              unit: ml === null ? '' : '/mL',
              from: `what is believed of ${v.culture.record.name}: ${Math.round(ml === null ? e.organisms.p10 : e.density.p10)} to ${Math.round(ml === null ? e.organisms.p90 : e.density.p90)}`,
            },
          ],
          source: 'your looks and counts, read by the model',
        },
      },
    ]
  })
  return {
    density: e.density,
    per: e.per,
    portions,
    wanted: portions.reduce((s, p) => s + p.share, 0),
    most: Math.min(1, vesselMl > 0 ? MOST_SHARE : 0),
  }
}

/** What is left after a share was drawn, and days until it is back; null where that is not within reach, or was not worked out. */
export function afterHarvest(v: Vat, share: number): { organisms: number; back: number | null } {
  return {
    organisms: v.reading.estimate.organisms.p50 * (1 - Math.min(1, share)),
    back: v.reading.ahead ? daysBack(v.reading.ahead.back, share) : null,
  }
}
