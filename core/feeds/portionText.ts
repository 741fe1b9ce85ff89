import { formatCount, formatLitres, formatMillilitres } from '../units/format'
import { isSingular } from '../units/countable'
import type { MeasureSystem } from '../units/kitchenMeasures'
import type { FeedProfile } from './contract'

const FRACTIONS: readonly [number, string][] = [
  [0.25, '¼'],
  [0.5, '½'],
  [0.75, '¾'],
]
/** "2½": to the nearest quarter. */
export function nearQuarter(n: number): string {
  const whole = Math.floor(n)
  const rest = Math.round((n - whole) * 4) / 4
  if (rest === 1) return String(whole + 1)
  const fraction = FRACTIONS.find(([f]) => f === rest)?.[1] ?? ''
  return `${whole > 0 || !fraction ? whole : ''}${fraction}`
}

/** "2½ pieces", "1 piece". */
export const piecesText = (n: number) => `${nearQuarter(n)} ${isSingular(n) ? 'piece' : 'pieces'}`

/** A portion in the unit a hand knows: mL of culture, cubes, pinches, wipes of a wall, worms one by one. */
export function portionText(food: FeedProfile, portion: number, measures: MeasureSystem): string {
  const unit = food.portion?.unit ?? 'worm'
  if (unit === 'mL')
    return portion >= 1000
      ? formatLitres(portion / 1000, measures)
      : formatMillilitres(Math.max(0.1, portion))
  if (unit === 'worm') return formatCount(Math.max(1, Math.round(portion)))
  if (portion < 0.2) return `less than ¼ ${unit}`
  const n = nearQuarter(Math.max(0.25, portion))
  if (portion > 20) return `${formatCount(portion)} ${unit}s`
  const ending = unit === 'pinch' ? 'es' : 's'
  return `${n} ${unit}${portion <= 1.1 ? '' : ending}`
}
