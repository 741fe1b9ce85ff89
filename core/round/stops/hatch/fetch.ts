import { some, type Thing } from '../../thing'
import type { HatchStop } from './find'

/** Water, and salt, cysts and soda weighed. */
export function hatchFetch({ planned: p }: HatchStop): Thing[] {
  const salt = p.salt?.name.toLowerCase() ?? 'salt'
  const salted = p.brine
    ? [
        some(p.brine.name.toLowerCase(), p.brine.ml, 'mL'),
        ...(p.brine.waterMl > 1 ? [some('water for the hatch', p.brine.waterMl, 'mL')] : []),
      ]
    : [some('water for the hatch', p.waterL * 1000, 'mL'), some(`${salt}, weighed`, p.saltG, 'g')]
  return [
    ...salted,
    some('cysts, weighed', p.cystsG, 'g'),
    ...(p.soda ? [some('baking soda', p.soda.firstG, 'g')] : []),
  ]
}
