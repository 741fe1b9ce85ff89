import type { FeedProfile } from '@renatus/core/feeds/contract'
import { edible } from '@renatus/core/fry/edibles'
import { formatCount, formatLitres, formatMillilitres } from '@renatus/core/units/format'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'

export const foodName = (id: string) => edible(id)?.name ?? id
/** Inside a sentence. */
export function foodInText(id: string): string {
  const food = edible(id)
  return food ? (food.proper ? food.name : food.name.replace(/^[A-Z](?=[a-z])/, c => c.toLowerCase())) : id
}

/** "newborn Moina", "vinegar eels". */
export const foodWithSize = (food: FeedProfile, size: string) => (size ? `${size} ${foodInText(food.id)}` : foodInText(food.id))

const FRACTIONS: readonly [number, string][] = [[0.25, '¼'], [0.5, '½'], [0.75, '¾']]
function nearQuarter(n: number): string {
  const whole = Math.floor(n)
  const rest = Math.round((n - whole) * 4) / 4
  if (rest === 1) return String(whole + 1)
  const fraction = FRACTIONS.find(([f]) => f === rest)?.[1] ?? ''
  return `${whole > 0 || !fraction ? whole : ''}${fraction}`
}

/** A portion in the unit a hand knows: mL of culture, cubes, pinches, wipes of a wall, worms one by one. */
export function portionText(food: FeedProfile, portion: number, measures: MeasureSystem): string {
  const unit = food.portion?.unit ?? 'worm'
  if (unit === 'mL') return portion >= 1000 ? formatLitres(portion / 1000, measures) : formatMillilitres(Math.max(0.1, portion))
  if (unit === 'worm') return formatCount(Math.max(1, Math.round(portion)))
  const n = portion < 0.2 ? 'a little of a' : nearQuarter(Math.max(0.25, portion))
  if (portion < 0.2) return `${n} ${unit}`
  return portion > 20 ? `${formatCount(portion)} ${unit}s` : `${n} ${unit}${portion <= 1.1 ? '' : unit === 'pinch' ? 'es' : 's'}`
}

/** What a portion is reckoned at. */
export const portionNote = (food: FeedProfile) =>
  (food.portion && food.portion.unit !== 'worm' ? `${food.name}: a portion is of ${food.portion.of}, at ${formatCount(food.portion.perUnit)} ${food.units} per ${food.portion.unit}. If yours is thinner or denser, press Differs and say what went in.` : '')
