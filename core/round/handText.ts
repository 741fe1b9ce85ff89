import type { FeedProfile } from '../feeds/contract'
import { nearQuarter } from '../feeds/portionText'
import { isSingular } from '../units/countable'
import type { HandAmount } from '../planning/reckoning/handAmount'
import {
  formatCount,
  formatGrams,
  formatLitres,
  formatMillilitres,
  formatShare,
} from '../units/format'
import type { MeasureSystem } from '../units/kitchenMeasures'

const PLURALS: Partial<Record<HandAmount['unit'], string>> = { pinch: 'pinches' }

const TENTHS: Readonly<Record<number, string>> = { 1: 'a tenth of a', 2: 'a fifth of a' }

/** "2½ wipes", "1 pinch", "a tenth of a pinch". */
function pieces(value: number, unit: HandAmount['unit']): string {
  const tenths = value < 0.225 ? TENTHS[Math.round(value * 10)] : undefined
  if (tenths) return `${tenths} ${unit}`
  const many = PLURALS[unit] ?? `${unit}s`
  return `${nearQuarter(value)} ${isSingular(value) ? unit : many}`
}

/** An amount as a hand knows it: mL, cubes, pinches, wipes, worms, a share of the vessel. */
export function handText({ value, unit }: HandAmount, measures: MeasureSystem): string {
  switch (unit) {
    case 'mL':
      return value >= 1000 ? formatLitres(value / 1000, measures) : formatMillilitres(value)
    case 'g':
      return formatGrams(value)
    case 'share':
      return formatShare(value)
    case 'each':
    case 'worm':
      return formatCount(value)
    default:
      return pieces(value, unit)
  }
}

/** The name of a food inside a sentence: a genus keeps its capital. */
export const foodInSentence = (food: Pick<FeedProfile, 'name' | 'proper'>): string =>
  food.proper ? food.name : food.name.toLowerCase()
