import type { LotKeep } from '../records/vocabulary'
import { addDays, daysBetween, type LocalDate } from '../time/localDate'

/** Years in which half of what hatched hatches no more, once the tin is open (working estimates). */
const HALF_LIFE_Y: Readonly<Record<LotKeep, number>> = {
  freezer: 5,
  fridge: 3,
  room: 0.75,
  humid: 0.3,
}
const DAYS_A_YEAR = 365.25

/** Since when a lot is open, and how it is kept; null where it is sealed. */
export interface Kept {
  openedOn: LocalDate | null
  kept: LotKeep
}

/** Share of its first hatch that cysts still have on a day; 1 while the tin is sealed. */
export function hatchLeft({ openedOn, kept }: Kept, today: LocalDate): number {
  if (openedOn === null) return 1
  const years = Math.max(0, daysBetween(openedOn, today)) / DAYS_A_YEAR
  return 0.5 ** (years / HALF_LIFE_Y[kept])
}

/** Share of its hatch that a lot loses in a day of waiting. */
export const lossADay = ({ openedOn, kept }: Kept): number =>
  openedOn === null ? 0 : 1 - 0.5 ** (1 / (HALF_LIFE_Y[kept] * DAYS_A_YEAR))

/** The day on which half of what hatched hatches no more; null while it is sealed. */
export const staleOn = ({ openedOn, kept }: Kept): LocalDate | null =>
  openedOn === null ? null : addDays(openedOn, Math.round(HALF_LIFE_Y[kept] * DAYS_A_YEAR))
