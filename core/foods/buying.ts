import { addDays, type LocalDate } from '../time/localDate'
import type { Buying } from './contract'

/** A starter that is ordered by post: days to come, price in the units of a price tag, days it stands apart until it is seen to live (working estimates). */
export const USUAL_BUYING: Buying = {
  leadDays: 5,
  price: 8,
  apartDays: 3,
  months: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
}
/** Days that a parcel of cysts takes to come (working estimate). */
export const CYST_LEAD_D = 5
/** Days a powder, cubes or a tin take to come (working estimate). */
export const STORE_LEAD_D = 2

/** Water fleas are found and sent from spring to autumn. */
export const FLEA_SEASON: Buying = { ...USUAL_BUYING, months: [4, 5, 6, 7, 8, 9, 10] }

export const buyingOf = (food: { buying?: Buying }): Buying => food.buying ?? USUAL_BUYING

/** Whether a starter can be had in a month, 1 to 12. */
export const canBuyIn = (food: { buying?: Buying }, month: number): boolean =>
  buyingOf(food).months.includes(month)

/** Days from a date until a starter can be had, up to so many; null where it cannot. */
export function firstDayToBuy(
  food: { buying?: Buying },
  from: LocalDate,
  days: number,
): number | null {
  for (let d = 0; d < days; d++) if (canBuyIn(food, Number(addDays(from, d).slice(5, 7)))) return d
  return null
}
