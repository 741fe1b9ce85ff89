import type { Food } from '../foods/contract'
import type { Species } from '../fry/species/species'

/** What is to be called of one place or vessel: limits, degrees C, and the fastest change that is borne. */
export interface AlarmRule {
  /** What is harmed beyond them, as it stands in a sentence; null for plain limits. */
  harms: string | null
  low: number | null
  high: number | null
  /** Degrees an hour; null where any is borne. */
  perHour: number | null
}

/** A food is called at the ends of the range it lives in, or sooner where its folder says so. */
export const ruleOfFood = (food: Food): AlarmRule => ({
  harms: food.profile.name.toLowerCase(),
  low: food.rangeC[0],
  high: food.alarmHighC ?? food.rangeC[1],
  perHour: null,
})

export const ruleOfFish = (species: Pick<Species, 'names' | 'rangeC'>): AlarmRule => ({
  harms: `fry of the ${(species.names[0] ?? 'fish').toLowerCase()}`,
  low: species.rangeC[0],
  high: species.rangeC[1],
  perHour: null,
})
