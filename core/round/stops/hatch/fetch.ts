import { some, type Thing } from '../../thing'
import type { HatchStop } from './find'

/** Water, and salt, cysts and soda weighed. */
export function hatchFetch({ planned: p }: HatchStop): Thing[] {
  const salt = p.salt?.name.toLowerCase() ?? 'salt'
  return [
    some('water for the hatch', p.waterL * 1000, 'mL'),
    some(`${salt}, weighed`, p.saltG, 'g'),
    some('cysts, weighed', p.cystsG, 'g'),
    ...(p.soda ? [some('baking soda', p.soda.firstG, 'g')] : []),
  ]
}
