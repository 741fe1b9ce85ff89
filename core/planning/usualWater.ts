import type { Tended } from './amounts'
import type { Water } from '../records/vocabulary'

/** Classes of cultures that stand in salt water. */
const SALTY: readonly string[] = ['marine', 'rotifers']

/** Water that a vessel is usually topped up with. */
export const usualWater = (v: Pick<Tended, 'food' | 'method'>): Water => {
  if (v.food.harmfulWater?.includes('conditioned')) return 'aged'
  return SALTY.includes(v.method.hygiene) ? 'salt' : 'aged'
}

export const WATER_NAMES: Record<Water, string> = {
  aged: 'aged water',
  tank: 'established tank water',
  conditioned: 'freshly conditioned water',
  tap: 'straight tap water',
  boiled: 'boiled, cooled water',
  salt: 'salt water of its strength',
  medium: 'fresh medium',
}
