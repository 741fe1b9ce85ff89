import { SPILL, type Meal } from '../planning/meals'
import type { Reason } from '../reasons/reason'

/** Where a portion is drawn from: how much one unit of it holds, and what is left in each nauplius. */
export interface PortionSource {
  /** Nauplii per mL, or per cube. */
  density: number
  unit: 'mL' | 'cubes'
  energy: number
  energyFrom: string
  /** Nauplii there are in all. */
  left: number
  /** Share of the meal that is given, below 1 when there is not enough for all. */
  share: number
}

/** Why a tank gets so many mL or cubes of what is at hand. */
export function portionWhy(
  meal: Pick<Meal, 'tank' | 'broods' | 'nauplii'>,
  source: PortionSource,
): Reason {
  const { density, unit, energy, left, share } = source
  return {
    result: {
      label: unit === 'mL' ? 'portion' : 'cubes',
      value: (meal.nauplii / energy / density) * share,
      unit,
    },
    rule:
      share < 0.995
        ? 'The meal over the energy each nauplius has left, over how many a unit holds; only a share of it, since there is not enough.'
        : 'The meal over the energy each nauplius has left, over how many a unit holds.',
    formula: 'meal / energy / density * share',
    inputs: [
      {
        key: 'meal',
        label: `full-yolk nauplii for ${meal.tank.name}`,
        value: meal.nauplii,
        unit: 'nauplii',
        from: meal.broods.map(b => b.brood.name).join(', '),
      },
      {
        key: 'energy',
        label: 'energy left in each',
        value: energy,
        unit: '',
        from: source.energyFrom,
      },
      {
        key: 'density',
        label: unit === 'mL' ? 'nauplii per mL' : 'nauplii per cube',
        value: density,
        unit: unit === 'mL' ? '/mL' : '/cube',
        from: 'your harvest',
      },
      {
        key: 'share',
        label: 'share of the meal there is',
        value: share,
        unit: '',
        from: `${Math.round(left).toLocaleString('en-GB')} nauplii in all`,
      },
    ],
    source: `Benijts et al. 1976; ${Math.round(SPILL * 100)} % spill is planned, not poured`,
  }
}
