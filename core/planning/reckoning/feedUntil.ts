import { HATCH } from '../../dynamics/hatch/parameters'
import { NAUPLII } from '../../foods/hatchProfile'
import type { Store } from '../../stock/stores'
import { addHours } from '../../time/localDate'

/**
 * Nauplii are fed out of the fridge up to twice the hold that makes a good meal
 * (Lavens & Sorgeloos 1996: 24 to 48 h).
 */
const LONGEST_CHILL_H = 2 * HATCH.fridgeHoldH

/** Until when a store may be fed from: chilled nauplii longer than they make a good meal. */
export const feedUntil = (s: Store) =>
  s.keep === 'fridge' && s.foodId === NAUPLII ? addHours(s.storedAt, LONGEST_CHILL_H) : s.useBy
