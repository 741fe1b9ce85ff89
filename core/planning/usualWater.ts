import type { Tended } from './amounts'
import type { Water } from '../records/vocabulary'

/** Water that a vessel is usually topped up with: as its school has it. */
export const usualWater = (v: Pick<Tended, 'method'>): Water => v.method.topUp ?? 'aged'

export const WATER_NAMES: Record<Water, string> = {
  aged: 'aged water',
  tank: 'established tank water',
  conditioned: 'freshly conditioned water',
  tap: 'straight tap water',
  boiled: 'boiled, cooled water',
  salt: 'salt water of its strength',
  medium: 'fresh medium',
}
