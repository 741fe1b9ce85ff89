import type { Tank } from '../../records/records'
import type { HandAmount } from './handAmount'
import type { Source } from './source'
import type { Want, WantedFood } from './want'

/** So much from a source for a tank at a round. */
export interface Draw {
  tank: Tank
  wanted: WantedFood
  foodId: string
  source: Source
  /** Animals or grains as they come. */
  organisms: number
  amount: HandAmount
  /** Share of the whole meal that this makes. */
  share: number
  /** Fed although it leaves the culture poorer. */
  overdrawn: boolean
}

/** What a tank still lacks of its meal when everything that fits has been drawn. */
export interface MealGap {
  tank: Tank
  want: Want
  /** Share of the meal that is missing. */
  share: number
}
