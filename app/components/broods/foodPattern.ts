import { edible } from '@renatus/core/fry/edibles'

const BY_FAMILY: Record<string, string> = {
  'succession': 'dots',
  'logistic': 'rising',
  'hatch': 'falling',
  'consumer': 'rings',
  'phototroph': 'level',
  'stage-clock': 'cross',
}

/** Name of the fill of a food: one shape for each kind of culture, a cross for feeds. */
export function patternOf(food: string): string {
  const found = edible(food)
  return found && 'family' in found ? (BY_FAMILY[String(found.family)] ?? 'cross') : 'cross'
}
