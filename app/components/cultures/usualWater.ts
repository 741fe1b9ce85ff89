import type { Vat } from '@renatus/core/planning/amounts'
import type { Water } from '@renatus/core/records/vocabulary'

/** Water that a vessel is usually topped up with. */
export const usualWater = (v: Pick<Vat, 'food' | 'method'>): Water =>
  v.food.harmfulWater?.includes('conditioned')
    ? 'aged'
    : v.method.hygiene === 'marine' || v.method.hygiene === 'rotifers'
      ? 'salt'
      : 'aged'
